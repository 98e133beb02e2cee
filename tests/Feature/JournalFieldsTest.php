<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\DB;

/** The journal found by what was changed: every kind of change is found under its field and under no other. */
final class JournalFieldsTest extends TestCase
{
    use EveryChange;

    private const FIELDS = ['names', 'dates', 'places', 'standing', 'parents', 'partners', 'citations', 'records', 'questions', 'notes'];

    public function test_a_change_is_found_under_its_fields_and_no_other(): void
    {
        $family = $this->family();
        $found = [];
        foreach (self::changes() as $change => $fields) {
            DB::beginTransaction();
            [$method, $path, $body] = $this->asked($change, $family);
            $before = DB::table('change_sets')->where('tree_id', $this->tree->id)->count();
            $this->api($method, $path, $body)->assertSuccessful();
            self::assertSame($before + 1, DB::table('change_sets')->where('tree_id', $this->tree->id)->count(), $change);
            $made = (string) DB::table('change_sets')->where('tree_id', $this->tree->id)->orderByDesc('seq')->value('id');
            $found[$change] = array_values(
                array_filter(self::FIELDS,
                    fn (string $field): bool => in_array($made,
                        array_column($this->api('GET', "/journal?field={$field}")->assertOk()->json('changes'), 'id'),
                        true)));
            DB::rollBack();
        }
        self::assertSame(self::changes(), $found);
    }

    /** @return array<string, list<string>> the fields under which a change is found */
    private static function changes(): array
    {
        return [
            'POST people/{person}/names' => ['names'],
            'PATCH names/{name}' => ['names'],
            'DELETE names/{name}' => ['names'],
            'POST names/{name}/standing' => ['names', 'standing'],
            'PATCH facts/{fact}' => ['dates', 'places'],
            'POST facts/{fact}/rule-out' => ['standing'],
            'POST facts/{fact}/citations' => ['citations', 'records'],
            'PATCH claims/{claim}' => ['citations', 'records'],
            'DELETE claims/{claim}' => ['citations'],
            'POST sources' => ['citations'],
            'PATCH sources/{source}' => ['citations'],
            'POST people/{person}/relatives' => ['names', 'places', 'parents', 'partners'],
            'DELETE parent-sets/{parentSet}' => ['parents', 'partners'],
            'PATCH parent-sets/{parentSet}' => ['standing', 'parents', 'partners'],
            'POST union-partners/{unionPartner}/standing' => ['standing', 'partners'],
            'PATCH unions/{union}' => ['partners'],
            'POST sources/{source}/records' => ['records'],
            'PUT records/{record}' => ['records'],
            'POST searches' => ['questions'],
            'POST cases' => ['questions'],
            'POST cases/{question}/points' => ['questions'],
            'DELETE points/{point}' => ['questions'],
            'POST people/{person}/notes' => ['notes'],
            'PATCH notes/{note}' => ['notes'],
            'POST people/{person}/tasks' => ['notes'],
            'DELETE tasks/{task}' => ['notes'],
            'POST places' => ['places'],
            'PATCH places/{place}' => ['places'],
            'POST places/{place}/names' => ['places'],
            'POST places/{place}/churches' => ['places'],
            'DELETE place-churches/{placeChurch}' => ['places'],
            'POST groups' => [],
            'POST name-variants' => [],
            'POST world-events' => [],
        ];
    }

    public function test_a_history_is_narrowed_by_more_than_one_thing_at_once(): void
    {
        $ewan = $this->person('Ewan Tarrel h b 1847');
        $jean = $this->person('Jean Osk w b 1850');
        foreach ([$ewan, $jean] as $person) {
            $this->api('PATCH', "/facts/{$this->fact($person, 'birth')->id}", ['date' => '1848', 'version' => 1])->assertOk();
        }
        $this->api('POST', "/people/{$ewan}/notes", ['text' => 'Kept bees.'])->assertOk();
        $found = fn (string $query): array => array_column($this->api('GET', "/journal?{$query}")->assertOk()->json('changes'), 'summary');

        self::assertCount(5, $found(''));
        self::assertCount(2, $found('field=dates'));
        self::assertCount(1, $found("field=dates&person={$ewan}"));
        self::assertCount(3, $found("person={$ewan}"));
        self::assertCount(5, $found('author='.$this->user->id));
        self::assertSame([], $found('author='.$this->account('bran@marren.example')->id));
        self::assertSame([], $found('to=1999-12-31'));
        self::assertCount(5, $found('from='.now()->subDay()->format('Y-m-d').'&to='.now()->addDay()->format('Y-m-d')));
        self::assertCount(5, $found('how=hand'));
        self::assertSame([], $found('how=import'));
        $this->api('GET', '/journal?how=magic')->assertStatus(422);
        $this->api('GET', '/journal?from=yesterday')->assertStatus(422);
    }
}
