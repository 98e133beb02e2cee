<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;

/** A file looked at before it is brought in: what is said of it is what then comes in, and nothing is written meanwhile. */
final class FilePreviewTest extends TestCase
{
    use EveryChange;

    public function test_a_look_says_what_comes_in_and_writes_nothing(): void
    {
        $this->person('Una Osk w b 1850');
        $stored = $this->stored();
        $run = $this->lookAt((string) file_get_contents(self::coreFile('isles-551.ged')))->assertOk();
        self::assertSame($stored, $this->stored());
        $run = $this->api('GET', '/exchange')->json('runs.0');
        $look = $run['look'];
        self::assertSame(['5.5.1', 3, 1, 4, 1, 70],
            [$look['version'], $look['people'], $look['families'], $look['events'], $look['sources'], $look['lines']]);
        self::assertSame('UTF-8', $look['encoding']);
        self::assertSame(1, $look['oddCount']);
        self::assertContains('PLAC.MAP', array_column($look['kept'], 'tag'));

        $this->api('POST', '/exchange/imports', ['lookId' => $run['id'], 'mode' => 'add'])->assertOk();
        $page = $this->api('GET', '/exchange');
        self::assertSame(4, $this->api('GET', '/people')->json('total'));
        self::assertNull($page->json('runs.0.look'));
        self::assertEquals($look['kept'], $page->json('imports.0.kept'));
        $this->api('POST', '/exchange/imports', ['lookId' => $run['id']])->assertStatus(404);

        $this->lookAt((string) file_get_contents(self::coreFile('isles-551.ged')))->assertOk();
        self::assertSame('This very file was brought into this tree before, as file.ged.', $this->api('GET', '/exchange')
            ->json('runs.0.look.alike'));
    }

    public function test_a_file_that_was_looked_at_is_left_and_gone(): void
    {
        $this->lookAt(
            "0 HEAD\n1 GEDC\n2 VERS 7.0\n0 @I1@ INDI\n1 NAME A /Osk/\n1 OBJE @O1@\n0 @O1@ OBJE\n1 FILE a.jpg\n2 FORM image/jpeg\n0 TRLR\n")
            ->assertOk();
        $run = $this->api('GET', '/exchange')->json('runs.0');
        self::assertSame([0, 1, ['a.jpg']],
            [$run['look']['picturesFound'], $run['look']['picturesMissingCount'], $run['look']['picturesMissing']]);
        $path = json_decode((string) DB::table('runs')->where('id', $run['id'])->value('asked'), true)['path'];
        self::assertFileExists($path);
        $this->actingAs($this->account('bran@marren.example'));
        $this->api('DELETE', "/exchange/previews/{$run['id']}")->assertStatus(404);
        $this->actingAs($this->user);
        $this->api('DELETE', "/exchange/previews/{$run['id']}")->assertNoContent();
        self::assertFileDoesNotExist($path);
        self::assertSame([], $this->api('GET', '/exchange')->json('runs'));
    }

    public function test_what_is_no_such_file_is_said(): void
    {
        $this->lookAt("Dear cousin,\n")->assertOk();
        $run = $this->api('GET', '/exchange')->json('runs.0');
        self::assertSame('failed', $run['state']);
        self::assertStringContainsString('not a GEDCOM file', $run['said']);
        self::assertNull($run['look']);
    }

    public function test_a_look_from_the_command_line(): void
    {
        $trees = DB::table('trees')->count();
        self::assertSame(0,
            Artisan::call('bough:import', ['file' => self::coreFile('isles-551.ged'), '--dry-run' => true, '--json' => true]));
        $seen = json_decode(Artisan::output(), true);
        self::assertSame(
            ['version', 'program', 'encoding', 'inDoubt', 'readings', 'people', 'families', 'events', 'sources', 'firstYear', 'lastYear',
                'lines', 'kept', 'odd', 'oddCount', 'pictures', 'alike', 'here'], array_keys($seen));
        self::assertSame([3, 1], [$seen['people'], $seen['families']]);
        self::assertSame(0,
            Artisan::call('bough:import', ['file' => self::coreFile('isles-551.ged'), '--tree' => 'Marren', '--dry-run' => true]));
        self::assertStringContainsString('3 people, 1 family', Artisan::output());
        self::assertSame(1, Artisan::call('bough:import', ['file' => base_path('composer.json'), '--dry-run' => true]));
        self::assertSame($trees, DB::table('trees')->count());
        self::assertSame(0, DB::table('people')->where('tree_id', $this->tree->id)->count());
    }

    public function test_one_person_of_a_file_comes_in_with_their_kin(): void
    {
        $this->lookAt((string) file_get_contents(self::coreFile('isles-551.ged')))->assertOk();
        $run = $this->api('GET', '/exchange')->json('runs.0.id');
        $found = fn (string $q): array => $this->api('GET', "/exchange/previews/{$run}/people?q=".urlencode($q))->assertOk()
            ->json('people');
        self::assertSame([['pointer' => '@I2@', 'name' => 'Keziah “Hezzy” Osk', 'years' => '']], $found('osk kez'));
        self::assertSame(['@I2@'], array_column($found('i2'), 'pointer'));
        self::assertSame([], $found(' %_'));
        self::assertSame([], $found('Nobody'));
        $stranger = $this->account('bran@marren.example');
        $this->actingAs($stranger);
        $this->api('GET', "/exchange/previews/{$run}/people?q=osk")->assertStatus(404);
        $this->actingAs($this->user);

        $this->api('POST', '/exchange/imports', ['lookId' => $run, 'start' => '@I2@', 'generations' => 0])->assertOk();
        $import = $this->api('GET', '/exchange')->json('imports.0');
        self::assertSame(['people' => 1, 'records' => 0, 'lines' => 2], $import['leftOut']);
        self::assertSame(2, $this->api('GET', '/people')->json('total'));
    }

    public function test_somebody_who_is_not_in_the_file_is_refused_in_words(): void
    {
        $this->lookAt((string) file_get_contents(self::coreFile('isles-551.ged')))->assertOk();
        $run = $this->api('GET', '/exchange')->json('runs.0.id');
        $this->api('POST', '/exchange/imports', ['lookId' => $run, 'start' => '@I99@', 'generations' => 2])->assertOk();
        self::assertSame('Nobody in the file has the pointer @I99@. Nothing of it was kept.', $this->api('GET', '/exchange')
            ->json('runs.0.said'));
        $this->api('POST', '/exchange/imports', ['lookId' => $run, 'encoding' => 'KLINGON'])->assertStatus(422);
    }

    public function test_letters_that_are_not_what_the_head_says_are_asked_about_and_read_as_somebody_chose(): void
    {
        $file = (string) iconv('UTF-8', 'MACINTOSH',
            "0 HEAD\n1 GEDC\n2 VERS 5.5.1\n1 CHAR ANSI\n0 @I1@ INDI\n1 NAME Jörg /Müller/\n0 TRLR\n");
        $this->lookAt($file)->assertOk();
        $run = $this->api('GET', '/exchange')->json('runs.0');
        self::assertTrue($run['look']['inDoubt']);
        self::assertSame(['MACINTOSH', 0, ['1 NAME Jörg /Müller/']], array_values($run['look']['readings'][0]));
        $this->api('POST', '/exchange/imports', ['lookId' => $run['id'], 'encoding' => 'MACINTOSH'])->assertOk();
        self::assertSame(['Jörg'], DB::table('names')->where('tree_id', $this->tree->id)->where('surname', 'Müller')->pluck('given')
            ->all());

        $path = (string) tempnam(sys_get_temp_dir(), 'nb');
        file_put_contents($path, $file);
        self::assertSame(0, Artisan::call('bough:import', ['file' => $path, '--dry-run' => true]));
        self::assertStringContainsString('say with --encoding how they are read: MACINTOSH, ', Artisan::output());
        self::assertSame(0,
            Artisan::call('bough:import',
                ['file' => $path, '--tree' => $this->tree->name, '--encoding' => 'macintosh', '--start' => 'I1', '--generations' => '0']));
        self::assertSame(2, DB::table('names')->where('tree_id', $this->tree->id)->where('surname', 'Müller')->count());
        unlink($path);
    }

    /** @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function lookAt(string $file): \Illuminate\Testing\TestResponse
    {
        return $this->api('POST', '/exchange/previews', ['uploadId' => $this->upload($file, 'file.ged')]);
    }
}
