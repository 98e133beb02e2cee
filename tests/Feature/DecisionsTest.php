<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Question;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;

/** What was decided opens again by its causes, and by nothing else that can be done to a tree. */
final class DecisionsTest extends TestCase
{
    use EveryChange;

    public function test_no_other_change_opens_a_decision_again(): void
    {
        $family = $this->family();
        $question = $this->decided($family);
        foreach (self::CHANGES as $change) {
            // Taking the question itself in hand is no cause: somebody says so.
            if (str_contains($change, ' questions')) {
                continue;
            }
            DB::beginTransaction();
            [$method, $path, $body] = $this->asked($change, $family);
            DB::table('questions')->where('id', $question)->update(['state' => 'decided', 'reopened_by' => '']);
            $status = $this->api($method, $path, $body)->getStatusCode();
            self::assertLessThan(300, $status, $change);
            $row = DB::table('questions')->where('tree_id', $this->tree->id)->where('id', $question)->first(['state', 'reopened_by']);
            $opened[$change] = $row?->state === 'open' ? $row->reopened_by : ($row === null ? 'gone' : null);
            $this->rollBack();
        }
        self::assertEquals([
            'DELETE people/{person}' => 'gone',
            'DELETE facts/{fact}' => 'A claim that it rests on was taken away.',
            'DELETE claims/{claim}' => 'A claim that it rests on was taken away.',
            'PATCH claims/{claim}' => 'A claim that it rests on was changed.',
            'POST impact/{target}/{id}' => 'What it rests on is false: It is of another Ewan.',
        ], array_filter($opened ?? []));
    }

    /**
     * @return iterable<string, array{string|null, \Closure(self, array<string, string>): mixed}> why it is open again, null
     *     where it stays decided; and what is done
     */
    public static function causes(): iterable
    {
        $cite = static fn (self $test, string $fact) => $test->api('POST', "/facts/{$fact}/citations",
            ['sourceId' => $test->source('The Packet'), 'locator' => 'p. 1'])->assertOk();
        $born = static fn (string $date, string $place = ''): \Closure => static fn (self $test, array $ids) => $test->api('POST',
            "/people/{$ids['person']}/facts", ['kind' => 'birth', 'date' => $date, 'place' => $place])->assertOk();
        $record = static fn (array $said): \Closure => static function (self $test, array $ids) use ($said): void {
            $record = (string) DB::table('claims')->where('id', $ids['claim'])->value('record_id');
            $test->api('PUT', "/records/{$record}", ['version' => $test->versionOf('records', $record), 'lines' => [], ...$said])
                ->assertOk();
        };

        yield 'a fact that contradicts' => ['It was decided, and then: ', $born('1830')];
        yield 'a fact that only strains' => [null, $born('about 1849')];
        yield 'a fact that agrees' => [null, $born('1847')];
        yield 'a fact of another kind' => [null,
            static fn (self $test, array $ids) => $test->api('POST', "/people/{$ids['person']}/facts",
                ['kind' => 'occupation', 'date' => '1870', 'value' => 'keeper'])
                ->assertOk()];
        yield 'a claim for what leads' => [null, static fn (self $test, array $ids) => $cite($test, $ids['fact'])];
        yield 'a claim for what was ruled out' => ['A claim supports what was ruled out: 1840.',
            static fn (self $test, array $ids) => $cite($test, $ids['ruledOut'])];
        yield 'a claim for a rival that contradicts' => ['A claim contradicts what was accepted: ',
            static fn (self $test, array $ids) => $cite($test, $ids['rival'])];
        yield 'a claim for a rival that only strains' => [null, static fn (self $test, array $ids) => $cite($test, $ids['near'])];
        yield 'a record that is of another class' => ['What a claim that it rests on stands in was classed anew.',
            $record(['sourceClass' => 'authored'])];
        yield 'a record that is of another kind' => ['What a claim that it rests on stands in was classed anew.',
            $record(['kind' => 'letter'])];
        yield 'a record of which a place in the source is mended' => [null, $record(['locator' => 'baptisms 1847, leaf 3'])];
        yield 'the words of a claim that it does not rest on' => [null, static function (self $test, array $ids): void {
            $claim = (string) DB::table('claims')->where('event_id', $ids['ruledOut'])->value('id');
            $test->api('PATCH', "/claims/{$claim}", ['version' => 1, 'information' => 'primary'])->assertOk();
        }];
        yield 'a claim withdrawn by hand' => ['A claim that it rests on was taken away.',
            static fn (self $test, array $ids) => $test->api('DELETE', "/claims/{$ids['claim']}")->assertSuccessful()];
        yield 'somebody else’s birth' => [null,
            static fn (self $test, array $ids) => $test->api('POST', "/people/{$ids['second']}/facts",
                ['kind' => 'birth', 'date' => '1700'])->assertOk()];
    }

    /**
     * @param  \Closure(self, array<string, string>): mixed  $do
     */
    #[DataProvider('causes')]
    public function test_each_cause_opens_it_and_says_what_changed_and_undoing_closes_it(?string $why, \Closure $do): void
    {
        $family = $this->family();
        $question = $this->decided($family);
        $births = DB::table('events')->where('tree_id', $this->tree->id)->where('kind', 'birth')->where('person_id', $family['person'])
            ->pluck('id', 'date_typed');
        $this->api('POST', "/facts/{$births['1840']}/citations", ['sourceId' => $family['source'], 'locator' => 'p. 7'])->assertOk();
        DB::table('questions')->where('id', $question)->update(['state' => 'decided', 'reopened_by' => '']);
        $do($this, [...$family, 'ruledOut' => $births['1840'], 'rival' => $births['1835'], 'near' => $births['abt 1850']]);

        $row = Question::query()->findOrFail($question);
        self::assertSame($why === null ? 'decided' : 'open', $row->state);
        self::assertTrue($why === null ? $row->reopened_by === '' : str_starts_with($row->reopened_by, $why), $row->reopened_by);
        $this->api('POST', '/journal/undo')->assertOk();
        self::assertSame('decided', Question::query()->findOrFail($question)->state);
    }

    /** However often it is said, what leads leads: once it does, nothing is written and nothing goes into the journal. */
    public function test_leading_twice_is_nothing(): void
    {
        $family = $this->family();
        $this->decided($family);
        $facts = DB::table('events')->where('tree_id', $this->tree->id)->where('kind', 'birth')->where('person_id', $family['person'])
            ->pluck('id')->all();
        mt_srand($seed = random_int(1, 1_000_000));
        foreach (range(1, 12) as $turn) {
            $fact = $facts[mt_rand(0, count($facts) - 1)];
            $this->api('POST', "/facts/{$fact}/lead")->assertSuccessful();
            $once = [$this->exported(), $this->stored(), DB::table('journal')->where('tree_id', $this->tree->id)->count()];
            $this->api('POST', "/facts/{$fact}/lead")->assertSuccessful();
            self::assertSame($once, [$this->exported(), $this->stored(), DB::table('journal')->where('tree_id', $this->tree->id)->count()],
                "turn {$turn}, seed {$seed}");
        }
    }

    /**
     * @param  array<string, string>  $family
     * @return string the question of a birth of which the first fact was accepted and a second ruled out
     */
    private function decided(array $family): string
    {
        $ruledOut = $this->api('POST', "/people/{$family['person']}/facts", ['kind' => 'birth', 'date' => '1840'])->assertOk()->json('id');
        $rival = $this->api('POST', "/people/{$family['person']}/facts", ['kind' => 'birth', 'date' => '1835'])->assertOk()->json('id');
        $this->api('POST', "/people/{$family['person']}/facts", ['kind' => 'birth', 'date' => 'abt 1850'])->assertOk();
        $question = Question::query()->where('kind', 'conflict')->firstOrFail();
        $this->api('POST', "/questions/{$question->id}/decide",
            ['version' => $question->version, 'factId' => $family['fact'], 'reason' => 'The register.',
                'standings' => [$ruledOut => 'ruled out', $rival => 'rival', (string) DB::table('events')->where('tree_id', $this->tree->id)
                    ->where('date_typed', 'abt 1850')->value('id') => 'rival']])->assertOk();

        return $question->id;
    }
}
