<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Trees\Derived\RecalculationQueue;
use App\Trees\Derived\Window\StoredWindows;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PHPUnit\Framework\AssertionFailedError;

/** When people lived, as it is stored and kept up with every change. */
final class WindowsTest extends TestCase
{
    use EveryChange;

    public function test_a_bound_goes_as_far_as_kin_go_and_comes_back_when_its_ground_goes(): void
    {
        $first = $this->person('Ewan Tarrel h b 1 May 1700');
        $last = $first;
        for ($generation = 1; $generation <= 9; $generation++) {
            $last = $this->relative($last, 'child', "Tarrel no {$generation} h");
        }
        app(RecalculationQueue::class)->catchUp();
        self::assertSame(9, $this->bornFrom($last) - $this->bornFrom($first));

        $birth = $this->fact($first, 'birth');
        $this->api('PATCH', "/facts/{$birth->id}", ['date' => '1 May 1690', 'version' => 1])->assertOk();
        app(RecalculationQueue::class)->catchUp();
        self::assertSame(9, $this->bornFrom($last) - $this->bornFrom($first));
        // The reasoning is told from one end of the line to the other.
        self::assertStringContainsString('Ewan Tarrel: Birth 1 May 1690',
            (string) json_encode($this->api('GET', "/people/{$last}/window")->json()));
        $this->api('DELETE', "/facts/{$birth->id}")->assertSuccessful();
        app(RecalculationQueue::class)->catchUp();
        self::assertNull($this->bornFrom($last));
    }

    public function test_whoever_signs_was_alive(): void
    {
        $wat = $this->person('Wat Sallow h');
        $record = $this->api('POST', '/sources/'.$this->source('Register of St Osmund').'/records', ['kind' => 'baptism'])->assertOk()
            ->json('id');
        $line = (string) Str::uuid7();
        $this->api('PUT', "/records/{$record}",
            ['version' => 1, 'date' => '6 May 1799', 'lines' => [['id' => $line, 'name' => 'Wat Sallow', 'role' => 'witness']]])
            ->assertOk();
        $this->api('POST', "/records/{$record}/take-in",
            ['version' => $this->versionOf('records', $record), 'choices' => [['lineId' => $line, 'as' => 'placed', 'personId' => $wat]],
                'why' => ''])->assertOk();
        app(RecalculationQueue::class)->catchUp();
        self::assertStringContainsString('Was witness on a record of 6 May 1799.',
            (string) json_encode($this->api('GET', "/people/{$wat}/window")->assertOk()->json()));
        self::assertNotNull(DB::table('life_windows')->where('person_id', $wat)->value('died_from'));

        $before = DB::table('life_windows')->where('person_id', $wat)->value('died_from');
        $this->api('PUT', "/records/{$record}",
            ['version' => $this->versionOf('records', $record), 'date' => '6 May 1801',
                'lines' => [['id' => $line, 'name' => 'Wat Sallow', 'role' => 'witness']]])->assertOk();
        app(RecalculationQueue::class)->catchUp();
        self::assertSame($before + 730, DB::table('life_windows')->where('person_id', $wat)->value('died_from'));
    }

    /** After any changes, kept up one by one or several at once, what is stored is what working out the whole tree gives. */
    public function test_what_is_kept_up_equals_what_is_worked_out_anew(): void
    {
        $family = $this->family();
        app(RecalculationQueue::class)->catchUp();
        $ties = ['POST people/{person}/relatives', 'PATCH parent-sets/{parentSet}', 'POST parent-sets/{parentSet}/move',
            'DELETE parent-sets/{parentSet}', 'DELETE union-partners/{unionPartner}', 'DELETE people/{person}',
            'PATCH facts/{fact}', 'DELETE facts/{fact}', 'POST people/{person}/facts', 'POST unions/{union}/facts',
            'POST facts/{fact}/roles', 'DELETE roles/{role}', 'PATCH people/{person}', 'POST records/{record}/take-in'];
        foreach ([1, 2, 3, 4, 5, 6, random_int(7, 1_000_000)] as $seed) {
            DB::beginTransaction();
            mt_srand($seed);
            for ($step = 0; $step < 30; $step++) {
                $changes = mt_rand(0, 2) === 0 ? self::CHANGES : $ties;
                try {
                    [$method, $path, $body] = $this->asked($changes[mt_rand(0, count($changes) - 1)],
                        [...$family, 'person' => $this->somebody(), 'fact' => $this->something() ?? $family['fact']]);
                    $this->api($method, $path, $body + ['version' => 1]);
                } catch (AssertionFailedError|ModelNotFoundException|\TypeError) {
                    continue;
                }
                if (mt_rand(0, 4) === 0) {
                    $this->api('POST', '/journal/undo', ['steps' => 1]);
                }
                if (mt_rand(0, 2) === 0) {
                    app(RecalculationQueue::class)->catchUp();
                }
            }
            app(RecalculationQueue::class)->catchUp();
            $kept = $this->windows();
            app(StoredWindows::class)->rebuild();
            self::assertSame($this->windows(), $kept, "seed {$seed}");
            self::assertNotSame([], $kept);
            DB::rollBack();
            $this->tree->refresh();
        }
    }

    /** @phpstan-impure */
    private function bornFrom(string $id): ?int
    {
        return DB::table('life_windows')->where('tree_id', $this->tree->id)->where('person_id', $id)->value('born_from');
    }

    private function somebody(): string
    {
        $ids = DB::table('people')->where('tree_id', $this->tree->id)->orderBy('id')->pluck('id')->all();

        return (string) $ids[mt_rand(0, count($ids) - 1)];
    }

    private function something(): ?string
    {
        $ids = DB::table('events')->where('tree_id', $this->tree->id)->orderBy('id')->pluck('id')->all();

        return $ids === [] ? null : (string) $ids[mt_rand(0, count($ids) - 1)];
    }

    /** @return array<string, array<string, mixed>> by person, without what each follows from, which can be told in more ways than one */
    private function windows(): array
    {
        return DB::table('life_windows')->where('tree_id', $this->tree->id)->orderBy('person_id')->get()
            ->map(static fn (\stdClass $row): array => array_diff_key((array) $row, ['sources' => true]))->keyBy('person_id')->all();
    }
}
