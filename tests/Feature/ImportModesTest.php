<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Media;
use App\Models\Person;
use App\Models\Run;
use App\Models\Tree;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use NorthBough\Core\Tests\Gedcom\Mangled;
use NorthBough\Core\Tests\Gedcom\SaysTheSame;
use ZipArchive;

/** Files into a new tree, into one with people, in place of one; zipped; twice; broken. */
final class ImportModesTest extends TestCase
{
    use UploadsFiles;

    public function test_into_a_new_tree(): void
    {
        $this->person('Una Fenwhistle');
        $run = $this->bringInto(self::island(20), ['mode' => 'new', 'treeName' => 'From the island'])->assertOk();

        self::assertSame(1, Person::query()->count());
        $made = Tree::query()->where('name', 'From the island')->firstOrFail();
        self::assertSame($made->id, $run->json('treeId'));
        self::assertSame(20, (int) DB::table('people')->where('tree_id', $made->id)->count());
    }

    public function test_in_place_of_a_tree_that_is_kept_thirty_days(): void
    {
        $this->person('Una Fenwhistle');
        $editor = $this->account('editor@marren.example');
        DB::table('members')->insert(['tree_id' => $this->tree->id, 'user_id' => $editor->id, 'role' => 'editor']);
        $this->bringInto(self::island(20), ['mode' => 'replace'])->assertOk();

        $now = Tree::query()->where('name', 'Marren')->sole();
        self::assertNotSame($this->tree->id, $now->id);
        self::assertSame('editor', $now->roleOf($editor));
        $this->api('GET', '')->assertNotFound();
        self::assertSame([['id' => $this->tree->id, 'people' => 1]], $this->getJson('/api/deleted-trees')->collect('trees')
            ->map(static fn (array $t): array => ['id' => $t['id'], 'people' => $t['people']])->all());
        $this->postJson("/api/deleted-trees/{$this->tree->id}/restore")->assertOk();
        self::assertSame(2, Tree::query()->where('name', 'Marren')->count());

        $this->actingAs($editor);
        $this->postJson("/api/deleted-trees/{$now->id}/restore")->assertNotFound();
    }

    public function test_a_file_that_is_refused_leaves_no_trace_of_the_tree_it_would_have_made(): void
    {
        $this->bringInto("no family tree at all\n", ['mode' => 'new', 'treeName' => 'Nothing'])->assertOk();

        self::assertSame(0, Tree::withTrashed()->where('name', 'Nothing')->count());
        self::assertStringContainsString('not a GEDCOM file', (string) Run::query()->latest()->orderByDesc('id')->value('said'));
    }

    public function test_twice_is_noticed_also_after_another_program_saved_it_again(): void
    {
        $this->bringInto(self::island(20))->assertOk();
        // Other pointers, another order, other words in the head: the same people.
        $again = strtr(self::island(20, 'P'), ['1 SEX M' => '1 SEX M', "2 VERS 7.0\n" => "2 VERS 7.0\n1 NOTE saved elsewhere\n"]);
        $this->bringInto($again)->assertOk();

        $run = $this->api('GET', '/exchange')->json('runs.0');
        self::assertTrue($run['asksAgain']);
        self::assertStringContainsString('of its 20 people, 20 have a name and 20 a name and year of birth', $run['said']);
        self::assertSame(20, Person::query()->count());

        $this->api('POST', "/exchange/runs/{$run['id']}/again")->assertOk();
        self::assertSame(40, Person::query()->count());
        $this->api('POST', "/exchange/runs/{$run['id']}/again")->assertStatus(409);
    }

    public function test_another_family_is_not_taken_for_the_same(): void
    {
        $this->bringInto(self::island(20))->assertOk();
        $this->bringInto(str_replace('Tarrel', 'Quillan', self::island(20)))->assertOk();

        self::assertSame(40, Person::query()->count(), 'equal pointers alone mean nothing: every program counts from 1');
    }

    public function test_zipped_with_its_pictures_there_and_back(): void
    {
        $file = "0 HEAD\n1 GEDC\n2 VERS 7.0\n0 @I1@ INDI\n1 NAME Ewan /Tarrel/\n1 DEAT\n2 DATE 1790\n1 OBJE @O1@\n0 @O1@ OBJE\n1 FILE "
            ."media/face.png\n2 FORM image/png\n0 TRLR\n";
        $png = (string) base64_decode(
            'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==', true);
        $path = (string) tempnam(sys_get_temp_dir(), 'nb');
        $zip = new ZipArchive;
        $zip->open($path, ZipArchive::OVERWRITE);
        $zip->addFromString('gedcom.ged', $file);
        $zip->addFromString('media/face.png', $png);
        $zip->addFromString('../../escape.txt', 'a name that would climb out');
        $zip->close();
        $this->bringInto((string) file_get_contents($path))->assertOk();

        self::assertSame(['../../escape.txt', 'media/face.png'], Media::query()->orderBy('path')->pluck('path')->all());
        self::assertSame(['image/png', strlen($png)],
            [Media::query()->where('path', 'media/face.png')->value('type'), (int) Media::query()->where('path', 'media/face.png')
                ->value('bytes')]);

        $to = sys_get_temp_dir().'/'.Str::uuid7().'.gdz';
        self::assertSame(0, Artisan::call('bough:export', ['tree' => $this->tree->id, '--to' => $to, '--living' => 'keep']));
        $back = new ZipArchive;
        self::assertTrue($back->open($to));
        self::assertSame(SaysTheSame::normalised($file), SaysTheSame::normalised((string) $back->getFromName('gedcom.ged')));
        self::assertSame($png, $back->getFromName('media/face.png'));
        self::assertSame(2, $back->numFiles, 'what the file does not name stays here');
    }

    public function test_a_broken_zip_gets_a_sentence(): void
    {
        $this->bringInto("PK\x03\x04 and nothing more")->assertOk();
        self::assertStringContainsString('cannot be unpacked', (string) Run::query()->latest()->orderByDesc('id')->value('said'));
        self::assertSame(0, Person::query()->count());
    }

    public function test_mangled_files_come_in_whole_or_not_at_all(): void
    {
        mt_srand(1861);
        $file = (string) file_get_contents(self::coreFile('isles-7.ged'));
        $in = 0;
        for ($round = 0; $round < 60; $round++) {
            $mangled = Mangled::bytes(Mangled::lines($file, 8), 120);
            $before = [Person::query()->count(), DB::table('kept')->where('tree_id', $this->tree->id)->count(), DB::table('change_sets')
                ->where('tree_id', $this->tree->id)->count()];
            $this->bringInto($mangled, ['again' => true])->assertOk();
            $state = Run::query()->latest()->orderByDesc('id')->value('state');
            self::assertContains($state, ['done', 'failed']);
            $said = (string) Run::query()->latest()->orderByDesc('id')->value('said');
            self::assertStringNotContainsString('fault of ours', $said, $mangled);
            if ($state === 'failed') {
                self::assertSame($before,
                    [Person::query()->count(), DB::table('kept')->where('tree_id', $this->tree->id)->count(), DB::table('change_sets')
                        ->where('tree_id', $this->tree->id)->count()]);
            } else {
                $in++;
            }
        }
        self::assertGreaterThan(30, $in);
        self::assertNotSame('', $this->exported());
    }

    private static function island(int $people, string $letter = 'I'): string
    {
        $file = "0 HEAD\n1 GEDC\n2 VERS 7.0\n";
        for ($i = 1; $i <= $people; $i++) {
            $file .= "0 @{$letter}{$i}@ INDI\n1 NAME Given{$i} /Tarrel/\n1 SEX M\n1 BIRT\n2 DATE ".(1800 + $i)."\n";
        }

        return "{$file}0 TRLR\n";
    }
}
