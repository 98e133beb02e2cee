<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Person;
use App\Models\Union;
use App\Models\User;
use Illuminate\Support\Facades\DB;

final class JournalTest extends TestCase
{
    use EveryChange;

    public function test_values_stand_side_by_side_as_they_were_then_on_every_page_of_a_history(): void
    {
        $ewan = $this->person('Ewan Tarrel b 1800');
        $birth = $this->fact($ewan, 'birth')->id;
        for ($year = 1801; $year <= 1890; $year++) {
            $this->api('PATCH', "/facts/{$birth}", ['date' => (string) $year, 'version' => $year - 1800])->assertOk();
        }
        $seen = [];
        for ($before = 0; $before !== null;) {
            $page = $this->api('GET', "/people/{$ewan}/history?before={$before}")->assertOk();
            foreach ($page->json('entries') as $entry) {
                $seen = [...$seen,
                    ...array_map(static fn (array $v): string => "{$v['before']} {$v['after']}",
                        array_filter($entry['op'] === 'update' ? $entry['values'] : [],
                            static fn (array $v): bool => $v['field'] === 'date_typed'))];
            }
            $before = $page->json('next');
        }
        self::assertSame(array_map(static fn (int $year): string => ($year - 1).' '.$year, range(1890, 1801)), $seen);
    }

    public function test_it_is_asked_by_person_field_day_author_and_kind_of_work(): void
    {
        $ewan = $this->person('Ewan Tarrel b 1851 Hask');
        $moll = $this->person('Moll Stair b 1860');
        $this->api('PATCH', '/facts/'.$this->fact($ewan, 'birth')->id, ['date' => '1852', 'version' => 1])->assertOk();
        $this->api('PATCH', '/facts/'.$this->fact($moll, 'birth')->id, ['place' => 'Tolsay', 'version' => 1])->assertOk();
        DB::table('change_sets')->where('tree_id', $this->tree->id)->where('summary', 'like', '%Moll%')
            ->update(['made_at' => '2020-02-03 10:00:00+00']);
        $other = $this->account('brack@marren.example');
        DB::table('members')->insert(['tree_id' => $this->tree->id, 'user_id' => $other->id, 'role' => 'editor']);
        $this->actingAs($other);
        $this->api('POST', "/people/{$moll}/notes", ['text' => 'She sang.'])->assertOk();
        $this->actingAs($this->user);

        $asked = fn (string $query): array => $this->api('GET', "/journal?{$query}")->assertOk()->json('changes.*.summary');
        self::assertCount(5, $asked(''));
        self::assertCount(2, $asked("person={$ewan}"));
        self::assertCount(3, $asked("person={$moll}"));
        self::assertCount(1, $asked('field=dates'));
        self::assertCount(1, $asked('field=places'));
        self::assertCount(2, $asked('field=names'));
        self::assertCount(1, $asked("author={$other->id}"));
        self::assertCount(1, $asked("author={$other->id}&person={$moll}"));
        self::assertCount(0, $asked("author={$other->id}&person={$ewan}"));
        self::assertNotSame([], $asked('to=2020-02-03'));
        self::assertSame([], $asked('to=2020-02-02'));
        self::assertCount(5, [...$asked('from=2020-02-04'), ...$asked('to=2020-02-03')]);
        self::assertCount(0, $asked('how=import'));
        $this->api('GET', '/journal?from=yesterday')->assertStatus(422);
    }

    public function test_a_change_tells_every_value_that_it_wrote_and_whose(): void
    {
        $ewan = $this->person('Ewan Tarrel b 1851 Hask');
        $this->api('PATCH', '/facts/'.$this->fact($ewan, 'birth')->id, ['date' => '1852', 'version' => 1])->assertOk();
        [$changed, $made] = $this->api('GET', '/journal')->json('changes.*.id');
        $this->api('PATCH', '/facts/'.$this->fact($ewan, 'birth')->id, ['date' => '1853', 'version' => 2])->assertOk();

        $entry = $this->api('GET', "/journal/{$changed}")->json('entries.0');
        self::assertSame(
            [$ewan, 'Ewan Tarrel', 'update', [['field' => 'date_typed', 'word' => 'when', 'before' => '1851', 'after' => '1852']]],
            [$entry['personId'], $entry['person'], $entry['op'], $entry['values']]);
        $birth = array_values(
            array_filter($this->api('GET', "/journal/{$made}")->json('entries'),
                static fn (array $one): bool => $one['called'] === 'the fact birth'))[0];
        self::assertSame(['1851', 'Hask'],
            array_column(array_filter($birth['values'],
                static fn (array $v): bool => in_array($v['field'], ['date_typed', 'place_typed'], true)), 'after'));
    }

    public function test_steps_are_undone_and_done_again_as_far_down_the_list_as_one_asks(): void
    {
        $before = $this->exported();
        foreach (['Ewan Tarrel', 'Moll Stair', 'Jean Penhask'] as $line) {
            $this->person($line);
        }
        $after = $this->exported();
        self::assertSame(['Entered Jean Penhask', 'Entered Moll Stair', 'Entered Ewan Tarrel'], $this->api('GET', '/journal')
            ->json('undo'));
        $this->api('POST', '/journal/undo', ['steps' => 2])->assertOk()
            ->assertJsonPath('said', 'Undid: Entered Jean Penhask; Entered Moll Stair');
        self::assertSame(['Entered Moll Stair', 'Entered Jean Penhask'], $this->api('GET', '/journal')->json('redo'));
        $this->api('POST', '/journal/undo', ['steps' => 9])->assertOk()
            ->assertJsonPath('said', fn (string $said): bool => str_contains($said, 'Then it stopped.'));
        self::assertSame($before, $this->exported());
        $this->api('POST', '/journal/redo', ['steps' => 3])->assertOk();
        self::assertSame($after, $this->exported());
    }

    public function test_somebody_deleted_is_put_back_with_all_ties_and_citations(): void
    {
        $family = $this->family();
        $before = $this->exported();
        $this->api('DELETE', "/people/{$family['person']}")->assertNoContent();
        $this->api('POST', "/people/{$family['second']}/notes", ['text' => 'She sang.'])->assertOk();
        $thing = $this->api('GET', '/deleted')->assertOk()->json('things.0');
        self::assertSame('Ewan Tarrel', $thing['called']);
        self::assertStringContainsString('2 facts', $thing['with']);
        self::assertStringContainsString('3 citations', $thing['with']);

        $this->api('POST', "/journal/deleted/{$thing['id']}/put-back")->assertOk()->assertJsonPath('said', 'Restored: Ewan Tarrel.');
        self::assertSame([], $this->api('GET', '/deleted')->json('things'));
        $this->api('POST', "/journal/deleted/{$thing['id']}/put-back")->assertStatus(409);
        $this->api('DELETE', '/notes/'.$this->api('GET', "/people/{$family['second']}")->json('notes.0.id'))->assertSuccessful();
        // Of her whose note came and went, the change date is a later one.
        $said = static fn (string $file): string => (string) preg_replace('/^3 TIME .*\n/m', '', $file);
        self::assertSame($said($before), $said($this->exported()));
    }

    public function test_a_couple_deleted_one_after_the_other_comes_back_in_any_order(): void
    {
        $ewan = $this->person('Ewan Tarrel h b 1851');
        $moll = $this->relative($ewan, 'partner', 'Moll Stair w m 1880');
        $this->relative($ewan, 'child', 'Jean Tarrel w b 1889', (string) Union::query()->value('id'));
        $before = $this->exported();
        $this->api('DELETE', "/people/{$ewan}")->assertNoContent();
        $this->api('DELETE', "/people/{$moll}")->assertNoContent();
        self::assertSame(['Moll Stair', 'Ewan Tarrel'], $this->api('GET', '/deleted')->json('things.*.called'));

        foreach (array_reverse($this->api('GET', '/deleted')->json('things.*.id')) as $entry) {
            $this->api('POST', "/journal/deleted/{$entry}/put-back")->assertOk();
        }
        self::assertSame($before, $this->exported());
    }

    public function test_what_tied_to_somebody_who_is_gone_stays_away_and_is_told(): void
    {
        $ewan = $this->person('Ewan Tarrel h b 1851 Hask');
        $jean = $this->relative($ewan, 'child', 'Jean Tarrel w b 1889');
        $this->api('DELETE', "/people/{$ewan}")->assertNoContent();
        $this->api('DELETE', "/people/{$jean}")->assertNoContent();

        $entry = $this->api('GET', '/deleted')->json('things.1.id');
        $this->api('POST', "/journal/deleted/{$entry}/put-back")->assertOk()
            ->assertJsonPath('said', 'Restored: Ewan Tarrel. 2 things stayed away, because what they tied to is gone.');
        self::assertSame(['1851', 0], [$this->fact($ewan, 'birth')->date->shown, Union::query()->count()]);
        self::assertNull(Person::query()->find($jean));
    }

    public function test_delete_tells_first_what_goes_and_unlinking_leaves_the_person(): void
    {
        $family = $this->family();
        $facts = DB::table('events')->where('tree_id', $this->tree->id)->where('person_id', $family['person'])->count();
        $this->api('POST', "/people/{$family['person']}/unlink", ['why' => 'No kin of these.'])->assertOk();
        $page = $this->api('GET', "/people/{$family['person']}");
        self::assertSame([[], []], [$page->json('parentSets'), $page->json('unions')]);
        self::assertSame($facts, DB::table('events')->where('tree_id', $this->tree->id)->where('person_id', $family['person'])->count());
    }

    public function test_a_reader_from_whom_the_living_are_withheld_sees_nothing_of_it(): void
    {
        $ewan = $this->person('Ewan Tarrel');
        $reader = User::query()->create(['name' => 'Brack', 'email' => 'reader@elsewhere.example', 'password' => 'kelp-and-slate']);
        DB::table('members')->insert(['tree_id' => $this->tree->id, 'user_id' => $reader->id, 'role' => 'reader']);
        $change = $this->api('GET', '/journal')->json('changes.0.id');
        $this->actingAs($reader);
        foreach (['/journal', "/journal/{$change}", '/deleted', "/people/{$ewan}/history"] as $path) {
            $this->api('GET', $path)->assertStatus(403);
        }
    }
}
