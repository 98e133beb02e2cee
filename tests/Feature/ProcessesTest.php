<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Note;
use App\Models\Person;
use App\Models\Tree;
use App\Models\User;
use App\Trees\Changes\AuthoredTables;
use App\Trees\Changes\ChangeSets;
use App\Trees\Changes\Intent;
use App\Trees\Editing\People;
use App\Trees\Scope\CurrentTree;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Testing\TestCase as BaseTestCase;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use NorthBough\Core\Entry\OneLineEntry;
use Symfony\Component\Process\Process;

/** What only real processes show: killed in the middle, and two at once. */
final class ProcessesTest extends BaseTestCase
{
    private User $user;

    public function createApplication(): Application
    {
        /** @var Application $app */
        $app = require __DIR__.'/../../bootstrap/app.php';
        $app->make(Kernel::class)->bootstrap();

        return $app;
    }

    protected function setUp(): void
    {
        parent::setUp();
        $this->user = User::query()->create(['name' => 'Una', 'email' => Str::uuid7().'@marren.example', 'password' => 'kelp-and-slate']);
    }

    protected function tearDown(): void
    {
        foreach (DB::table('members')->where('user_id', $this->user->id)->pluck('tree_id') as $tree) {
            DB::table('trees')->where('id', $tree)->delete();
        }
        $this->user->delete();
        parent::tearDown();
    }

    public function test_an_import_killed_at_any_moment_leaves_nothing_half_and_can_be_run_again(): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'nb');
        file_put_contents($file, self::large(3000));
        mt_srand(1856);
        for ($round = 0; $round < 10; $round++) {
            $import = $this->artisanProcess('bough:import', $file, '--tree=Killed', "--owner={$this->user->email}");
            $import->start();
            usleep(mt_rand(150_000, 1_400_000));
            $import->isRunning() && $import->signal(SIGKILL);
            $import->wait(static fn () => null);
            $tree = Tree::query()->where('name', 'Killed')->first();
            if ($tree === null) {
                continue;
            }
            $people = DB::table('people')->where('tree_id', $tree->id)->count();
            self::assertContains($people, [0, 3000], "round {$round}: all or nothing");
            self::assertSame($people, DB::table('person_lines')->where('tree_id', $tree->id)->count(), "round {$round}: the index too");
            foreach ($people === 0 ? AuthoredTables::names() : [] as $table) {
                self::assertSame(0, DB::table($table)->where('tree_id', $tree->id)->count(), "round {$round}: {$table}");
            }
            self::assertSame($people === 0 ? 0 : 1, DB::table('change_sets')->where('tree_id', $tree->id)->count());
            DB::table('trees')->where('id', $tree->id)->delete();
        }
        $again = $this->artisanProcess('bough:import', $file, '--tree=Killed', "--owner={$this->user->email}", '--json');
        $again->mustRun();
        self::assertSame(3000, json_decode($again->getOutput(), true)['people']);
        self::assertSame(3000, DB::table('person_lines')->where('tree_id', Tree::query()->where('name', 'Killed')->value('id'))->count());
        unlink($file);
    }

    public function test_a_tree_whose_import_was_killed_is_free_again_before_the_next_worker(): void
    {
        $tree = Tree::begin('Left busy', $this->user);
        DB::table('trees')->where('id', $tree->id)->update(['busy_with' => 'Bringing in a.ged']);
        $this->artisanProcess('bough:release')->mustRun();

        self::assertNull($tree->refresh()->busy_with);
    }

    public function test_two_who_save_at_once_lose_nothing_of_each_other(): void
    {
        $tree = Tree::begin('Two at once', $this->user);
        $this->runTwice($tree, <<<'PHP'
            $changes = $app->make(App\Trees\Changes\ChangeSets::class);
            $people = $app->make(App\Trees\Editing\People::class);
            for ($at = 0; $at < 25; $at++) {
                $changes->run(new App\Trees\Changes\Intent(null, 'Entered one'),
                    fn () => $people->enter(NorthBough\Core\Entry\OneLineEntry::parse("Given{$at} Tarrel b 1850 Hask")));
            }
            PHP);

        self::assertSame(range(1, 50), DB::table('people')->where('tree_id', $tree->id)->orderBy('number')->pluck('number')->all());
        self::assertSame(range(1, 50), DB::table('change_sets')->where('tree_id', $tree->id)->orderBy('seq')->pluck('seq')->all());
    }

    public function test_of_two_who_undo_the_same_at_once_only_one_does(): void
    {
        $tree = Tree::begin('Undone at once', $this->user);
        app(CurrentTree::class)->within($tree, function (): void {
            foreach (range(1, 20) as $at) {
                app(ChangeSets::class)
                    ->run(new Intent($this->user, "Entered {$at}"), static fn (): Person => app(People::class)
                        ->enter(OneLineEntry::parse("Given{$at} Tarrel")));
            }
        });
        $this->runTwice($tree, sprintf(<<<'PHP'
            $undo = $app->make(App\Trees\Changes\Undo::class);
            $user = App\Models\User::query()->findOrFail(%s);
            foreach (Illuminate\Support\Facades\DB::table('change_sets')->where('kind', 'do')->where('tree_id', $tree)
                ->orderByDesc('seq')->pluck('id') as $id) {
                try {
                    $undo->undo($id, $user);
                } catch (App\Trees\Changes\CannotUndo) {
                }
            }
            PHP, var_export($this->user->id, true)));

        $undone = DB::table('change_sets')->where('tree_id', $tree->id)->where('kind', 'undo')->pluck('undoes');
        self::assertSame([20, 20, 0],
            [$undone->count(), $undone->unique()->count(), DB::table('people')->where('tree_id', $tree->id)->count()]);
    }

    public function test_of_eight_joins_of_overlapping_pairs_at_once_each_is_whole_or_refused(): void
    {
        [$tree, $numbers] = $this->entriesOfOneWoman('Joined at once');
        $joins = array_map(fn (array $pair): Process => $this->artisanProcess('bough:join', $tree->id, (string) $numbers[$pair[0]],
            (string) $numbers[$pair[1]], '--json'), [[0, 1], [1, 2], [2, 3], [3, 0], [0, 2], [1, 3], [1, 0], [3, 2]]);
        array_map(static fn (Process $process) => $process->start(), $joins);
        array_map(static fn (Process $process): int => $process->wait(), $joins);

        $done = count(array_filter($joins, static fn (Process $process): bool => $process->getExitCode() === 0));
        $codes = array_map(static fn (Process $process): ?int => $process->getExitCode(), $joins);
        self::assertSame([], array_values(array_diff($codes, [0, 1])));
        self::assertSame(3, $done, 'Four entries become one by three joins; whatever else was asked is refused.');
        self::assertSame([1, 3, 1], [DB::table('people')->where('tree_id', $tree->id)->count(),
            DB::table('joins')->where('tree_id', $tree->id)->count(),
            DB::table('events')->where('tree_id', $tree->id)->distinct()->count('person_id')]);
        self::assertSame(4, DB::table('notes')->where('tree_id', $tree->id)->count());
    }

    public function test_a_join_or_a_search_for_doubles_killed_at_any_moment_leaves_nothing_half(): void
    {
        [$tree, $numbers] = $this->entriesOfOneWoman('Killed while joining');
        mt_srand(1841);
        for ($round = 0; $round < 10; $round++) {
            $isJoin = $round % 2 === 0;
            $process = $isJoin ? $this->artisanProcess('bough:join', $tree->id, (string) $numbers[0], (string) $numbers[1])
                : $this->artisanProcess('bough:doubles', $tree->id);
            $process->start();
            usleep(mt_rand(50_000, 600_000));
            $process->isRunning() && $process->signal(SIGKILL);
            $process->wait(static fn () => null);
            $people = DB::table('people')->where('tree_id', $tree->id)->count();
            $joins = DB::table('joins')->where('tree_id', $tree->id)->whereNull('apart_by')->pluck('id');
            self::assertSame(4 - count($joins), $people, "round {$round}");
            self::assertSame(4, DB::table('notes')->where('tree_id', $tree->id)->count(), "round {$round}");
            foreach ($joins as $join) {
                $this->artisanProcess('bough:apart', $tree->id, $join)->mustRun();
            }
        }
        $this->artisanProcess('bough:doubles', $tree->id)->mustRun();
        self::assertSame(4, DB::table('people')->where('tree_id', $tree->id)->count());
    }

    /** @return array{Tree, list<int>} four entries of one woman, each with a birth and a note, and their numbers */
    private function entriesOfOneWoman(string $name): array
    {
        $tree = Tree::begin($name, $this->user);
        $numbers = app(CurrentTree::class)->within($tree, fn (): array => array_map(fn (int $year): int => app(ChangeSets::class)
            ->run(new Intent($this->user, "Entered {$year}"), static function () use ($year): int {
                $person = app(People::class)->enter(OneLineEntry::parse("Una Osk w b {$year} Hask"));
                Note::query()->create(['person_id' => $person->id, 'text' => "Of {$year}."]);

                return $person->number;
            }), [1801, 1802, 1803, 1804]));

        return [$tree, $numbers];
    }

    /** Runs lines of PHP in two processes at once, each in the tree, and waits for both. */
    private function runTwice(Tree $tree, string $php): void
    {
        $script = (string) tempnam(sys_get_temp_dir(), 'nb');
        file_put_contents($script, sprintf(<<<'PHP'
            <?php
            require %s;
            $app = require %s;
            $app->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();
            $tree = %s;
            $app->make(App\Trees\Scope\CurrentTree::class)->enter(App\Models\Tree::query()->findOrFail($tree));

            PHP, ...array_map(static fn (string $value): string => var_export($value, true),
            [base_path('vendor/autoload.php'), base_path('bootstrap/app.php'), $tree->id])).$php);
        $both = array_map(fn (): Process => new Process([PHP_BINARY, $script], base_path(), $this->environment(), timeout: 120), [1, 2]);
        array_map(static fn (Process $process) => $process->start(), $both);
        foreach ($both as $process) {
            $process->wait();
            self::assertSame('', $process->getErrorOutput().$process->getOutput());
        }
        unlink($script);
    }

    private function artisanProcess(string ...$arguments): Process
    {
        return new Process([PHP_BINARY, base_path('artisan'), ...$arguments], base_path(), $this->environment(), timeout: 120);
    }

    /** @return array<string, string> */
    private function environment(): array
    {
        return ['NB_VAR' => dirname(storage_path()), 'APP_ENV' => 'testing', 'TEST_TOKEN' => ''];
    }

    private static function large(int $people): string
    {
        $file = "0 HEAD\n1 GEDC\n2 VERS 7.0\n0 @S1@ SOUR\n1 TITL Register of St Osmund\n";
        for ($at = 0; $at < $people; $at++) {
            $file .= "0 @I{$at}@ INDI\n1 NAME Given{$at} /Tarrel/\n1 SEX F\n1 BIRT\n2 DATE 1 JAN 1850\n2 PLAC Hask, Marren Isles\n2 SOUR "
                ."@S1@\n3 PAGE {$at}\n1 _X kept\n";
        }

        return $file."0 TRLR\n";
    }
}
