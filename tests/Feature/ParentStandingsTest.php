<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Parentage;
use App\Models\ParentSet;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;

/** Every operation on the parents of a child, with none, one or two there, each of every standing. */
final class ParentStandingsTest extends TestCase
{
    private string $child;

    private string $mother;

    private string $father;

    private const OPERATIONS = ['add a father', 'add a mother', 'add who is there', 'add the child to somebody',
        'name a father on a record', 'add a sibling', 'prove a mother', 'call a mother probable', 'let the mother stand',
        'move to other parents', 'put somebody in the mother’s place'];

    /** @return iterable<string, array{list<string>}> how the mother stands, then the father */
    public static function standings(): iterable
    {
        $standings = ['accepted', 'unweighed', 'rival', 'ruled out'];
        yield 'nobody' => [[]];
        foreach ($standings as $mother) {
            yield "a mother, {$mother}" => [[$mother]];
            foreach ($standings as $father) {
                yield "a mother, {$mother}, and a father, {$father}" => [[$mother, $father]];
            }
        }
    }

    /**
     * One family serves every operation: what each leaves behind is rolled back before the next.
     *
     * @param  list<string>  $there
     */
    #[DataProvider('standings')]
    public function test_who_was_ruled_out_holds_no_place_and_stays(array $there): void
    {
        $this->family($there);
        foreach (self::OPERATIONS as $operation) {
            DB::beginTransaction();
            $this->holds($operation, $there);
            $this->rollBack();
        }
    }

    /** @param  list<string>  $there */
    private function holds(string $operation, array $there): void
    {
        $ruledOut = Parentage::query()->where('standing', 'ruled out')->pluck('person_id')->sort()->values()->all();
        $leading = Parentage::leading()->count();
        $status = $this->done($operation, $there);

        self::assertLessThan(500, $status, $operation);
        $sets = ParentSet::query()->where('child_id', $this->child)->pluck('id');
        $after = Parentage::query()->whereIn('parent_set_id', $sets)->get();
        self::assertLessThanOrEqual(2, $after->whereIn('standing', ['accepted', 'unweighed'])->where('kind', 'birth')->count(),
            "{$operation}: two parents by birth lead at most.");
        self::assertSame($after->count(), $after->pluck('person_id')->unique()->count(), "{$operation}: nobody is a parent twice.");
        if (! in_array($operation, ['let the mother stand', 'prove a mother', 'call a mother probable'], true)) {
            self::assertSame([], array_values(array_diff($ruledOut, $after->where('standing', 'ruled out')->pluck('person_id')->all())),
                "{$operation}: who was ruled out stays.");
        }
        $lead = ParentSet::query()->where('child_id', $this->child)->where('leads', true)->get();
        self::assertLessThanOrEqual(1, $lead->count(), $operation);
        if ($after->whereIn('standing', ['accepted', 'unweighed'])->isNotEmpty()) {
            self::assertTrue(Parentage::leading()->where('parent_set_id', $lead->sole()->id)->exists(),
                "{$operation}: a set leads in which somebody does.");
        }
        // Two who lead are one set: that is what charts and numbers count.
        self::assertCount(min(1, $after->whereIn('standing', ['accepted', 'unweighed'])->count()),
            $after->whereIn('standing', ['accepted', 'unweighed'])->pluck('parent_set_id')->unique(), $operation);
        $isAdding = in_array($operation, ['add a father', 'add a mother', 'add the child to somebody', 'name a father on a record'], true);
        if ($isAdding) {
            self::assertSame($leading < 2, $status < 300, "{$operation}: {$leading} lead, and it was answered with {$status}.");
        }
        if ($status < 300 && DB::table('change_sets')->where('tree_id', $this->tree->id)->count() > 1) {
            $stored = DB::table('parentages')->where('tree_id', $this->tree->id)->orderBy('id')
                ->get(['person_id', 'standing', 'parent_set_id']);
            $this->api('POST', '/journal/undo')->assertOk();
            $this->api('POST', '/journal/redo')->assertOk();
            self::assertEquals($stored, DB::table('parentages')->where('tree_id', $this->tree->id)->orderBy('id')
                ->get(['person_id', 'standing', 'parent_set_id']), $operation);
        }
    }

    public function test_the_case_asks_of_whoever_stands_there_and_proof_takes_her_place(): void
    {
        $this->family(['unweighed', 'unweighed']);
        $other = $this->person('Moll Stair w b 1820');
        $case = $this->api('POST', '/cases', ['aspect' => 'mother', 'personId' => $this->child, 'people' => [$other]])->assertOk()
            ->json('id');
        self::assertSame([$this->mother, $other],
            array_column(array_column($this->api('GET', "/cases/{$case}")->json('alternatives'), 'person'), 'id'));
        $this->conclude($case, 'probable', 1);
        self::assertEquals([$this->mother => 'unweighed', $this->father => 'unweighed', $other => 'rival'], $this->stand());
        $this->conclude($case, 'proved', 1);
        self::assertEquals([$this->mother => 'ruled out', $this->father => 'unweighed', $other => 'accepted'], $this->stand());
        $sets = $this->api('GET', "/people/{$this->child}")->json('parentSets');
        $leads = array_values(array_filter($sets, static fn (array $set): bool => $set['leads']))[0];
        self::assertEqualsCanonicalizing([$this->father, $other], array_column($leads['ties'], 'personId'));
    }

    /** @param  list<string>  $there */
    private function done(string $operation, array $there): int
    {
        $add = fn (string $of, string $relation, string $line): int => $this->api('POST', "/people/{$of}/relatives",
            ['relation' => $relation, 'line' => $line])->getStatusCode();
        $set = $there === [] ? '' : (string) ParentSet::query()->where('child_id', $this->child)->value('id');

        return match ($operation) {
            'add a father' => $add($this->child, 'father', 'Gavin Osk h b 1815'),
            'add a mother' => $add($this->child, 'mother', 'Moll Stair w b 1820'),
            'add who is there' => $this->api('POST', "/people/{$this->child}/relatives",
                ['relation' => 'mother', 'personId' => $this->mother])
                ->getStatusCode(),
            'add the child to somebody' => $this->api('POST', '/people/'.$this->person('Gavin Osk h b 1815').'/relatives',
                ['relation' => 'child', 'personId' => $this->child])->getStatusCode(),
            'name a father on a record' => $this->recorded(),
            'add a sibling' => $add($this->child, 'sibling', 'Bran Osk h b 1852'),
            'prove a mother' => $this->concluded('proved'),
            'call a mother probable' => $this->concluded('probable'),
            'let the mother stand' => $there === [] ? 404
                : $this->api('PATCH', "/parent-sets/{$set}", ['standing' => 'accepted', 'personId' => $this->mother])->getStatusCode(),
            'move to other parents' => $there === [] ? 404 : $this->api('POST', "/parent-sets/{$set}/move", ['to' => $this->elsewhere()])
                ->getStatusCode(),
            'put somebody in the mother’s place' => $there === [] ? 404
                : $this->api('POST', '/union-partners/'.DB::table('union_partners')->where('tree_id', $this->tree->id)
                    ->where('person_id', $this->mother)->value('id').'/move', ['to' => $this->person('Moll Stair w b 1820')])
                    ->getStatusCode(),
            default => throw new \LogicException($operation),
        };
    }

    private function concluded(string $state): int
    {
        $case = $this->api('POST', '/cases',
            ['aspect' => 'mother', 'personId' => $this->child, 'people' => [$this->person('Moll Stair w b 1820')]])->assertOk()->json('id');
        $last = count($this->api('GET', "/cases/{$case}")->json('alternatives')) - 1;

        return $this->conclude($case, $state, $last);
    }

    private function conclude(string $case, string $state, int $which): int
    {
        $alternative = $this->api('GET', "/cases/{$case}")->json("alternatives.{$which}.id");
        $version = (int) DB::table('questions')->where('tree_id', $this->tree->id)->where('id', $case)->value('version');

        return $this->api('POST', "/cases/{$case}/conclude",
            ['version' => $version, 'state' => $state, 'alternativeId' => $alternative, 'reason' => 'The letter.'])->assertOk()
            ->getStatusCode();
    }

    private function recorded(): int
    {
        $record = $this->api('POST', '/sources/'.$this->source('Register').'/records', ['kind' => 'baptism'])->assertOk()->json('id');
        $ids = [(string) \Illuminate\Support\Str::uuid7(), (string) \Illuminate\Support\Str::uuid7()];
        $this->api('PUT', "/records/{$record}",
            ['version' => 1, 'date' => '3 Aug 1850',
                'lines' => [['id' => $ids[0], 'name' => 'Una Osk', 'role' => 'child'],
                    ['id' => $ids[1], 'name' => 'Gavin Osk', 'role' => 'father']]])->assertOk();
        $parentages = Parentage::query()->count();
        $this->api('POST', "/records/{$record}/take-in",
            ['version' => (int) DB::table('records')->where('tree_id', $this->tree->id)->where('id', $record)->value('version'),
                'choices' => [['lineId' => $ids[0], 'as' => 'placed', 'personId' => $this->child], ['lineId' => $ids[1], 'as' => 'new']],
                'why' => 'It says so.'])->assertOk();

        // A father whom two others leave no place is no tie; the rest of the page is taken in.
        return Parentage::query()->count() > $parentages ? 200 : 409;
    }

    private function elsewhere(): string
    {
        $keziah = $this->person('Keziah Osk w');
        $this->relative($keziah, 'partner', 'Bran Drum h');

        return (string) $this->api('GET', "/people/{$keziah}")->json('unions.0.id');
    }

    /** @param  list<string>  $standings */
    private function family(array $standings): void
    {
        $this->child = $this->person('Una Osk w b 1850');
        $this->mother = count($standings) > 0 ? $this->relative($this->child, 'mother', 'Ann Osk w b 1822')
            : $this->person('Ann Osk w b 1822');
        $this->father = count($standings) > 1 ? $this->relative($this->child, 'father', 'Magnus Osk h b 1818') : '';
        foreach (array_filter([$this->mother => $standings[0] ?? 'unweighed', $this->father => $standings[1] ?? 'unweighed'],
            static fn (string $standing, string $id): bool => $id !== '' && $standing !== 'unweighed',
            ARRAY_FILTER_USE_BOTH) as $id => $standing) {
            $set = (string) ParentSet::query()->where('child_id', $this->child)->value('id');
            $this->api('PATCH', "/parent-sets/{$set}", ['standing' => $standing, 'personId' => $id, 'why' => 'The letter says so.'])
                ->assertSuccessful();
        }
    }

    /** @return array<string, string> standing by parent */
    private function stand(): array
    {
        return Parentage::query()->orderBy('person_id')->pluck('standing', 'person_id')->all();
    }
}
