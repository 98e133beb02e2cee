<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Jobs\ImportFile;
use App\Models\FileRef;
use App\Models\Person;
use App\Models\Run;
use App\Trees\Exchange\Cancelled;
use App\Trees\Exchange\ExportTree;
use App\Trees\Exchange\ImportTree;
use App\Trees\Exchange\LostRuns;
use App\Trees\Exchange\NotWritten;
use App\Trees\Exchange\Progress;
use App\Trees\Exchange\SilentProgress;
use App\Trees\Exchange\WriteFile;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Gedcom\Version;
use NorthBough\Core\Tests\Gedcom\SaysTheSame;
use PHPUnit\Framework\Attributes\DataProvider;

final class ExchangeTest extends TestCase
{
    use UploadsFiles;

    #[DataProvider('files')]
    public function test_a_file_comes_in_and_goes_out_saying_the_same(string $name, Version $version): void
    {
        $this->bringIn(self::coreFile($name))->assertOk();
        $file = (string) file_get_contents(self::coreFile($name));

        self::assertSame(SaysTheSame::normalised($file), SaysTheSame::normalised($this->exported($version)));
        $answer = $this->get("/api/trees/{$this->tree->id}/exchange/export?version={$version->value}&living=keep")->assertOk();
        self::assertSame(SaysTheSame::normalised($file), SaysTheSame::normalised($answer->streamedContent()));
        self::assertStringContainsString('Marren.ged', (string) $answer->headers->get('Content-Disposition'));
    }

    /** @return iterable<string, array{string, Version}> */
    public static function files(): iterable
    {
        yield 'version 5.5.1' => ['isles-551.ged', Version::V551];
        yield 'version 7' => ['isles-7.ged', Version::V7];
        yield 'every structure of 5.5.1' => ['whole-551.ged', Version::V551];
        yield 'every structure of version 7' => ['whole-7.ged', Version::V7];
    }

    public function test_an_export_that_fails_says_so_and_leaves_no_half_file(): void
    {
        $this->person('Magnus Osk b 1830 d 1889');
        $broken = $this->person('Ewan Osk b 1850');
        DB::table('events')->where('tree_id', $this->tree->id)->where('person_id', $broken)->update(['kind' => 'no kind that there is']);
        $before = glob(storage_path('app/spool/*'));
        // Magnus has been written by the time that Ewan fails.
        foreach (['', '&zipped=1'] as $zipped) {
            $this->get("/api/trees/{$this->tree->id}/exchange/export?version=7&living=keep{$zipped}", ['Accept' => 'application/json'])
                ->assertStatus(500);
        }
        self::assertSame($before, glob(storage_path('app/spool/*')));
        DB::table('events')->where('tree_id', $this->tree->id)->where('person_id', $broken)->update(['kind' => 'birth']);
        $this->expectException(NotWritten::class);
        WriteFile::plain(app(ExportTree::class), Version::V7, '/dev/full', now()->toDateTimeImmutable());
    }

    public function test_the_report_stays(): void
    {
        $this->person('Una Osk w b 1850');
        $this->bringIn(self::coreFile('isles-551.ged'));
        $page = $this->api('GET', '/exchange')->assertOk();

        self::assertSame('done', $page->json('runs.0.state'));
        self::assertSame(['word' => 'people', 'count' => 3, 'before' => 1, 'after' => 4], $page->collect('imports.0.counts')
            ->firstWhere('word', 'people'));
        self::assertSame(['word' => 'families', 'count' => 1, 'before' => 0, 'after' => 1], $page->collect('imports.0.counts')
            ->firstWhere('word', 'families'));
        self::assertSame(
            [['line' => 56, 'text' => 'CHIL @I9@', 'why' => 'points to a record that is not in the file; it is kept as it stands']],
            $page->json('imports.0.noted'));
        self::assertSame([], $page->json('imports.0.unplaced'));
        self::assertContains(['tag' => 'PLAC.MAP', 'words' => 'Place, On the map', 'count' => 1, 'shown' => 'beside the fact'],
            $page->json('imports.0.kept'));
    }

    public function test_what_was_mended_and_which_pictures_are_missing_is_told(): void
    {
        $file = "0 HEAD\n1 GEDC\n2 VERS 5.5.1\n0 @I1@ INDI\n1 NAME A /Osk/\n1 OBJE\n2 FILE C:\\pics\\ann.jpg\n3 FORM jpg\n1 OBJE\n2 FILE "
            ."https://archive.example/bran.jpg\n3 FORM jpg\n0 @I1@ INDI\n1 NAME B /Osk/\nwords astray\n0 TRLR\n";
        $this->bringInto($file)->assertSuccessful();
        $report = $this->api('GET', '/exchange')->assertOk()->json('imports.0');

        self::assertEqualsCanonicalizing(
            ['uses a pointer a second time; it is called @I1_2@ here',
                'is no line of the standard; it was read as going on with the line before'],
            array_values(array_unique(array_column($report['repaired'], 'why'))));
        self::assertSame([0, 1, ['C:\\pics\\ann.jpg']],
            [$report['picturesFound'], $report['picturesMissingCount'], $report['picturesMissing']]);
        self::assertSame(2, $report['counts'][0]['count']);
    }

    public function test_what_came_in_can_be_worked_on_and_a_change_shows_in_that_place_alone(): void
    {
        $this->bringIn(self::coreFile('isles-551.ged'));
        $before = explode("\n", $this->exported(Version::V551));
        $ewan = $this->api('GET', '/jump?q=ewan')->json('people.0.id');
        $birth = $this->fact($ewan, 'birth');
        $this->api('PATCH', "/facts/{$birth->id}", ['date' => '12 May 1732', 'version' => 1])->assertOk();
        $after = explode("\n", $this->exported(Version::V551));

        self::assertSame(['2 DATE @#DJULIAN@ 10 FEB 1731/32', '2 DATE 1 JAN 2001'], array_values(array_diff($before, $after)));
        self::assertSame('2 DATE 12 MAY 1732', array_values(array_diff($after, $before))[0]);
    }

    /** One date is changed, one event deleted, one child added: these structures differ, the change dates with them, and nothing else. */
    #[DataProvider('wholeFiles')]
    public function test_a_file_differs_in_exactly_what_was_edited(string $name, Version $version): void
    {
        Carbon::setTestNow('2026-11-23 10:20:30');
        $this->bringIn(self::coreFile($name))->assertOk();
        $before = SaysTheSame::normalised($this->exported($version));
        $person = FileRef::query()->where('pointer', '@I1@')->firstOrFail()->getAttribute('person_id');
        $family = FileRef::query()->where('pointer', '@F3@')->firstOrFail()->getAttribute('union_id');
        $this->api('PATCH', '/facts/'.$this->fact($person, 'birth')->id, ['date' => '12 May 1732', 'version' => 1])->assertOk();
        $this->api('DELETE', '/facts/'.$this->fact($person, 'will')->id, ['version' => 1])->assertSuccessful();
        $child = $this->relative($person, 'child', 'Kit Tarrel', $family);
        $after = SaysTheSame::normalised($this->exported($version));

        $made = array_values(array_diff(array_keys($after), array_keys($before)));
        self::assertCount(1, $made);
        $pointer = strtok($made[0], ' ');
        $changed = array_keys(
            array_filter($before, static fn (string $text, string $key): bool => $text !== ($after[$key] ?? ''), ARRAY_FILTER_USE_BOTH));
        self::assertSame(['@F3@ FAM', '@I1@ INDI'], $changed);

        [$lost, $new] = self::difference($before['@F3@ FAM'], $after['@F3@ FAM']);
        self::assertSame(
            [[], ["CHIL {$pointer}", 'CHAN', 'DATE 23 NOV 2026', $version === Version::V7 ? 'TIME 10:20:30Z' : 'TIME 10:20:30']],
            [$lost, $new]);
        [$lost, $new] = self::difference($before['@I1@ INDI'], $after['@I1@ INDI']);
        self::assertSame(['DATE 12 MAY 1732', 'DATE 23 NOV 2026', $version === Version::V7 ? 'TIME 10:20:30Z' : 'TIME 10:20:30'], $new);
        self::assertStringContainsString("\n  WILL", $before['@I1@ INDI']);
        self::assertStringNotContainsString("\n  WILL", $after['@I1@ INDI']);
        $will = preg_match('/\n(  WILL\n(?:    .*\n)*)/', $before['@I1@ INDI'], $m) === 1
            ? array_map(trim(...), explode("\n", trim($m[1]))) : [];
        $rest = self::without($lost, $will);
        self::assertCount($version === Version::V7 ? 4 : 3, $rest, implode(' | ', $rest));
        self::assertNotSame('', $child);
    }

    /** @return iterable<string, array{string, Version}> */
    public static function wholeFiles(): iterable
    {
        yield '5.5.1' => ['whole-551.ged', Version::V551];
        yield '7' => ['whole-7.ged', Version::V7];
    }

    /**
     * @return array{list<string>, list<string>} lines that only the first has, and only the second
     */
    private static function difference(string $first, string $second): array
    {
        $first = array_map(trim(...), explode("\n", $first));
        $second = array_map(trim(...), explode("\n", $second));

        return [self::without($first, $second), self::without($second, $first)];
    }

    /**
     * @param  list<string>  $lines
     * @param  list<string>  $taken
     * @return list<string>
     */
    private static function without(array $lines, array $taken): array
    {
        $left = array_count_values($taken);
        $rest = [];
        foreach ($lines as $line) {
            if (($left[$line] ?? 0) > 0) {
                $left[$line]--;
            } else {
                $rest[] = $line;
            }
        }

        return $rest;
    }

    public function test_an_import_is_taken_back_in_one_step(): void
    {
        $this->person('Una Fenwhistle');
        $before = $this->exported();
        $this->bringIn(self::coreFile('isles-7.ged'));
        self::assertSame(2, Person::query()->count());
        $this->api('POST', '/journal/undo')->assertOk();

        self::assertSame($before, $this->exported());
        self::assertSame(1, $this->api('GET', '/people')->json('total'));
        self::assertSame(0, DB::table('kept')->where('tree_id', $this->tree->id)->count());
        $this->api('POST', '/journal/redo')->assertStatus(409)
            ->assertJsonPath('message', fn (string $said): bool => str_contains($said, 'Bring its file in again'));
    }

    public function test_an_import_that_was_worked_on_is_not_pulled_away(): void
    {
        $this->bringIn(self::coreFile('isles-551.ged'));
        $ewan = $this->api('GET', '/jump?q=ewan')->json('people.0.id');
        $import = $this->api('GET', '/journal')->json('changes.0.id');
        $this->api('PATCH', '/facts/'.$this->fact($ewan, 'birth')->id, ['date' => '1732', 'version' => 1])->assertOk();

        $this->api('POST', "/journal/{$import}/undo")->assertStatus(409);
        self::assertSame(3, Person::query()->count());
    }

    public function test_a_file_beside_people_who_are_there_keeps_both_and_their_pointers_apart(): void
    {
        $this->bringIn(self::coreFile('isles-551.ged'));
        $this->bringIn(self::coreFile('isles-7.ged'));
        $file = $this->exported();

        self::assertSame(4, Person::query()->count());
        preg_match_all('/^0 (@\S+@) /m', $file, $pointers);
        self::assertSame($pointers[1], array_values(array_unique($pointers[1])));
        preg_match_all('/^[1-9] \S+ (@[^@]+@)$/m', $file, $named);
        self::assertSame(['@I9@'], array_values(array_diff(array_unique($named[1]), $pointers[1], ['@VOID@'])),
            'every pointer but the one that led nowhere leads somewhere');
    }

    public function test_the_same_file_twice_is_noticed(): void
    {
        $this->bringIn(self::coreFile('isles-7.ged'));
        $this->bringIn(self::coreFile('isles-7.ged'))->assertStatus(409)->assertJsonPath('details.again', true);
        $this->bringIn(self::coreFile('isles-7.ged'), again: true)->assertOk();

        self::assertSame(2, Person::query()->count());
    }

    public function test_a_file_of_another_kind_is_refused_with_a_sentence_and_leaves_no_trace(): void
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'nb');
        file_put_contents($path, "Dear cousin,\n");
        $this->bringIn($path);
        $run = $this->api('GET', '/exchange')->json('runs.0');

        self::assertSame('failed', $run['state']);
        self::assertStringStartsWith('This is not a GEDCOM file', $run['said']);
        self::assertSame(0, DB::table('change_sets')->where('tree_id', $this->tree->id)->count());
        self::assertNull($this->tree->refresh()->busy_with);
    }

    public function test_cancelled_halfway_leaves_nothing(): void
    {
        $progress = new class implements Progress
        {
            public function report(int $percent, string $what): void
            {
                if ($percent > 70) {
                    throw new Cancelled('enough');
                }
            }
        };
        try {
            app(ImportTree::class)->run(self::coreFile('isles-551.ged'), 'isles.ged', $this->user, $progress);
            self::fail('It was not cancelled.');
        } catch (Cancelled) {
        }

        self::assertSame(0, Person::query()->count());
        self::assertNull($this->tree->refresh()->busy_with);
        $report = app(ImportTree::class)->run(self::coreFile('isles-551.ged'), 'isles.ged', $this->user, new SilentProgress);
        self::assertSame(3, $report['people']);
    }

    public function test_pieces_that_are_damaged_repeated_or_out_of_turn_are_not_taken(): void
    {
        $id = $this->postJson('/api/uploads', ['name' => 'a.ged', 'size' => 6])->json('id');
        $send = fn (int $offset, string $piece, string $hash) => $this->call('PUT', "/api/uploads/{$id}?offset={$offset}",
            server: ['HTTP_X_PIECE_SHA256' => $hash, 'HTTP_ACCEPT' => 'application/json'], content: $piece);
        $send(0, 'abc', 'wrong')->assertStatus(422);
        $send(3, 'def', hash('sha256', 'def'))->assertStatus(409)->assertJsonPath('details.received', 0);
        $send(0, 'abc', hash('sha256', 'abc'))->assertOk()->assertJsonPath('received', 3);
        $send(0, 'abc', hash('sha256', 'abc'))->assertStatus(409);
        $send(3, 'defgh', hash('sha256', 'defgh'))->assertStatus(409);
        $this->api('POST', '/exchange/imports', ['uploadId' => $id])->assertStatus(409);
        $this->postJson('/api/uploads', ['name' => 'a.ged', 'size' => 3 * 1024 ** 3])->assertStatus(422);
    }

    public function test_a_run_that_lost_its_worker_frees_the_tree(): void
    {
        $run = Run::query()
            ->create(['tree_id' => $this->tree->id, 'user_id' => $this->user->id, 'kind' => 'import', 'title' => 'a.ged', 'asked' => [],
                'state' => 'running', 'done' => 30, 'total' => 100, 'said' => 'Reading', 'heartbeat_at' => Carbon::now()->subMinutes(5)]);
        DB::table('trees')->where('id', $this->tree->id)->update(['busy_with' => 'Bringing in a.ged']);
        LostRuns::release();

        self::assertSame('failed', $run->refresh()->state);
        $this->person('Ewan Tarrel');
    }

    public function test_a_run_that_was_cancelled_before_its_turn_does_nothing(): void
    {
        $run = Run::query()->create(['tree_id' => $this->tree->id, 'user_id' => $this->user->id, 'kind' => 'import', 'title' => 'a.ged',
            'asked' => ['path' => self::coreFile('isles-7.ged'), 'name' => 'a.ged'], 'state' => 'waiting', 'done' => 0, 'total' => 100,
            'said' => '']);
        $this->api('DELETE', "/exchange/runs/{$run->id}")->assertNoContent();
        ImportFile::dispatchSync($run->id);

        $this->enter($this->tree);
        self::assertSame(0, Person::query()->count());
    }

    /** @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function bringIn(string $path, bool $again = false): \Illuminate\Testing\TestResponse
    {
        return $this->bringInto((string) file_get_contents($path), ['again' => $again], basename($path));
    }
}
