<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Trees\Derived\CoupleIndex;
use App\Trees\Derived\PersonIndex;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\AssertionFailedError;

/**
 * Whatever is done one after the other, in any order: all of it undone gives the tree as it was, and all of it done again
 * gives it as it became.
 */
final class SequencesTest extends TestCase
{
    use EveryChange;

    private const STEPS = 24;

    public function test_any_sequence_of_changes_undone_gives_the_same_file_byte_for_byte(): void
    {
        $family = $this->family();
        $seen = [];
        foreach ([1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, random_int(13, 1_000_000)] as $seed) {
            DB::beginTransaction();
            $seen += $this->isTakenBack($seed, $family);
            $this->rollBack();
        }
        self::assertGreaterThan(40, count($seen), 'Too few kinds of change were made for the property to mean anything.');
    }

    /**
     * @param  array<string, string>  $family
     * @return array<string, true> the kinds of change that were made
     */
    private function isTakenBack(int $seed, array $family): array
    {
        mt_srand($seed);
        $before = [$this->exported(), $this->stored()];
        $seq = (int) $this->tree->refresh()->last_change;
        $made = [];
        // Before a question is taken up by hand here, the one that opened by itself is taken out behind the journal's back.
        $changes = array_values(array_diff(self::CHANGES, ['POST questions']));
        for ($step = 0; $step < self::STEPS; $step++) {
            $change = $changes[mt_rand(0, count($changes) - 1)];
            // What the family's rows are asked for may be gone by now; then it is refused, and nothing is written.
            try {
                [$method, $path, $body] = $this->asked($change, $family);
                $status = $this->api($method, $path, $body)->getStatusCode();
            } catch (AssertionFailedError|ModelNotFoundException|\TypeError $problem) {
                self::assertTrue($this->isAnythingGone($family),
                    "{$change}, seed {$seed}: everything that it needs is there, and it could not be set up: {$problem->getMessage()}");

                continue;
            }
            self::assertLessThan(500, $status, "{$change}, seed {$seed}");
            $made += $status < 300 ? [$change => true] : [];
        }
        $after = [$this->exported(), $this->stored()];
        $this->assertDerivedAsAnew("seed {$seed}");
        $steps = DB::table('change_sets')->where('tree_id', $this->tree->id)->where('seq', '>', $seq)->count();

        $this->takes('undo', $steps);
        self::assertSame($before, [$this->exported(), $this->stored()], "undone, seed {$seed}: ".implode(', ', array_keys($made)));
        $this->takes('redo', $steps);
        self::assertSame($after, [$this->exported(), $this->stored()], "done again, seed {$seed}: ".implode(', ', array_keys($made)));
        $this->takes('undo', $steps);
        self::assertSame($before, [$this->exported(), $this->stored()], "undone again, seed {$seed}: ".implode(', ', array_keys($made)));
        $this->assertDerivedAsAnew("undone, seed {$seed}");

        return $made;
    }

    /** What is worked out beside the tree is the same as if all of it were worked out anew. */
    private function assertDerivedAsAnew(string $when): void
    {
        $lines = fn (string $table, string $key): array => DB::table($table)->where('tree_id', $this->tree->id)->orderBy($key)->get()
            ->map(static fn (\stdClass $row): array => (array) $row)->all();
        $kept = [$lines('person_lines', 'person_id'), $lines('couple_lines', 'union_id')];
        app(PersonIndex::class)->rebuild();
        app(CoupleIndex::class)->rebuild();
        self::assertEquals([$lines('person_lines', 'person_id'), $lines('couple_lines', 'union_id')], $kept, $when);
    }

    /**
     * Whether a row of the family was taken away by a change before.
     *
     * @param  array<string, string>  $family
     */
    private function isAnythingGone(array $family): bool
    {
        foreach (['person' => 'people', 'second' => 'people', 'fact' => 'events', 'source' => 'sources', 'claim' => 'claims',
            'union' => 'unions', 'record' => 'records', 'case' => 'questions', 'place' => 'places'] as $key => $table) {
            if (DB::table($table)->where('tree_id', $this->tree->id)->where('id', $family[$key])->doesntExist()) {
                return true;
            }
        }

        return false;
    }

    private function takes(string $which, int $steps): void
    {
        for (; $steps > 0; $steps -= 40) {
            $said = $this->api('POST', "/journal/{$which}", ['steps' => min(40, $steps)])->assertOk()->json('said');
            self::assertStringNotContainsString('Then it stopped', $said);
        }
    }
}
