<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Person;
use App\Models\Union;
use App\Trees\Changes\ChangeSets;
use App\Trees\Changes\Intent;
use Illuminate\Support\Facades\DB;
use LogicException;

final class UndoTest extends TestCase
{
    use EveryChange;

    /** One family serves every change: what each leaves behind is rolled back before the next. */
    public function test_undone_means_the_same_file_byte_for_byte_and_done_again_too(): void
    {
        $family = $this->family();
        $start = [$this->exported(), $this->stored()];
        foreach (self::CHANGES as $change) {
            DB::beginTransaction();
            $this->isTakenBack($change, $family, $start);
            $this->rollBack();
        }
    }

    /**
     * @param  array<string, string>  $family
     * @param  array{string, array<string, array<int, array<string, mixed>>>}  $start  the family's file and its rows
     */
    private function isTakenBack(string $change, array $family, array $start): void
    {
        [$method, $path, $body] = $this->asked($change, $family);
        // Some are asked for what another change left behind.
        $rows = $this->stored();
        $before = [$rows === $start[1] ? $start[0] : $this->exported(), $rows];
        self::assertLessThan(300, $this->api($method, $path, $body)->getStatusCode(), $change);
        $after = [$this->exported(), $this->stored()];
        self::assertNotSame($before, $after, $change);

        $this->api('POST', '/journal/undo')->assertOk();
        self::assertSame($before, [$this->exported(), $this->stored()], "{$change}, undone");
        $this->api('POST', '/journal/redo')->assertOk();
        self::assertSame($after, [$this->exported(), $this->stored()], "{$change}, done again");
        $this->api('POST', '/journal/undo')->assertOk();
        // The rows are those whose file was looked at above.
        self::assertSame($before[1], $this->stored(), "{$change}, undone again");
    }

    /** A draft, a line-up, a view, a file of a report and a reading change no authored row. */
    private const CHANGES_NOTHING = '#^(journal|exchange)/|/(draft|line-up|view|files)$|^reading/|^doubles/(scans|joins)$#';

    public function test_the_list_of_changes_is_whole(): void
    {
        $written = [];
        foreach (app('router')->getRoutes()->getRoutes() as $route) {
            $path = preg_replace('#^api/trees/\{tree\}/#', '', $route->uri());
            if ($route->methods()[0] !== 'GET' && in_array('tree:editor', $route->gatherMiddleware(), true)
                && preg_match(self::CHANGES_NOTHING, (string) $path) !== 1) {
                $written[] = $route->methods()[0].' '.$path;
            }
        }
        self::assertEqualsCanonicalizing(self::CHANGES, $written);
    }

    public function test_a_field_changed_since_is_never_overwritten(): void
    {
        $ewan = $this->person('Ewan Tarrel b 1851 Hask');
        $birth = $this->fact($ewan, 'birth')->id;
        $this->api('PATCH', "/facts/{$birth}", ['date' => '1852', 'version' => 1])->assertOk();
        $first = $this->api('GET', '/journal')->json('changes.0.id');
        $this->api('PATCH', "/facts/{$birth}", ['date' => '1853', 'version' => 2])->assertOk();

        $this->api('POST', "/journal/{$first}/undo")->assertStatus(409);
        self::assertSame('1853', $this->fact($ewan, 'birth')->date->shown);
    }

    public function test_another_field_of_the_same_row_can_still_be_taken_back(): void
    {
        $ewan = $this->person('Ewan Tarrel b 1851 Hask');
        $birth = $this->fact($ewan, 'birth')->id;
        $this->api('PATCH', "/facts/{$birth}", ['date' => '1852', 'version' => 1])->assertOk();
        $first = $this->api('GET', '/journal')->json('changes.0.id');
        $this->api('PATCH', "/facts/{$birth}", ['place' => 'Tolsay', 'version' => 2])->assertOk();
        $this->api('POST', "/journal/{$first}/undo")->assertOk();

        $fact = $this->fact($ewan, 'birth');
        self::assertSame(['1851', 'Tolsay'], [$fact->date->shown, $fact->place_typed]);
    }

    public function test_what_something_later_rests_on_is_not_pulled_away(): void
    {
        $ewan = $this->person('Ewan Tarrel');
        $entered = $this->api('GET', '/journal')->json('changes.0.id');
        $this->relative($ewan, 'father', 'Magnus Tarrel');

        $this->api('POST', "/journal/{$entered}/undo")->assertStatus(409)
            ->assertJsonPath('message', fn (string $m): bool => str_contains($m, 'rests on'));
        self::assertSame(2, Person::query()->count());
    }

    public function test_a_row_cannot_be_written_outside_a_change_set(): void
    {
        $this->expectException(LogicException::class);
        Union::query()->create();
    }

    public function test_a_change_that_fails_leaves_nothing_behind(): void
    {
        $seq = $this->tree->refresh()->last_change;
        try {
            app(ChangeSets::class)->run(new Intent($this->user, 'Half a change'), static function (): void {
                Union::query()->create();
                throw new \RuntimeException('the lamp went out');
            });
        } catch (\RuntimeException) {
        }

        self::assertSame(0, Union::query()->count());
        self::assertSame($seq, $this->tree->refresh()->last_change);
        self::assertSame(0, DB::table('change_sets')->where('summary', 'Half a change')->count());
    }

    public function test_the_journal_says_who_what_and_why(): void
    {
        $ewan = $this->person('Ewan Tarrel b 1851');
        $this->api('PATCH', '/facts/'.$this->fact($ewan, 'birth')->id,
            ['date' => '1852', 'why' => 'The register has the later year.', 'version' => 1])->assertOk();
        $change = $this->api('GET', '/journal')->json('changes.0');

        self::assertSame(['una', 'hand', 'The register has the later year.', 1],
            [$change['who'], $change['how'], $change['why'], $change['rows']]);
    }

    public function test_a_tree_that_is_being_filled_refuses_changes_in_words(): void
    {
        $this->tree->refresh()->update(['busy_with' => 'Bringing in a.ged']);
        DB::table('trees')->where('id', $this->tree->id)->update(['busy_with' => 'Bringing in a.ged']);
        $this->api('POST', '/people', ['line' => 'Ewan Tarrel'])->assertStatus(423)
            ->assertJsonPath('message', fn (string $m): bool => str_starts_with($m, 'Bringing in a.ged.'));
    }
}
