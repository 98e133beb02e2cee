<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;

/** What whoever made a file asked to withhold leaves neither in a file, nor in a drawing or report, nor before a reader. */
final class RestrictionsTest extends TestCase
{
    use UploadsFiles;

    private const FILE = <<<'GED'
        0 HEAD
        1 GEDC
        2 VERS 7.0
        0 @I1@ INDI
        1 RESN CONFIDENTIAL
        1 NAME Secret /Tarrel/
        1 BIRT
        2 DATE 1847
        2 PLAC Hask
        1 DEAT
        2 DATE 1923
        1 FAMS @F1@
        0 @I2@ INDI
        1 NAME Open /Osk/
        1 SEX F
        1 BIRT
        2 DATE 1850
        2 PLAC Gallowhope
        2 RESN PRIVACY
        1 OCCU kelp burner
        1 DEAT
        2 DATE 1920
        1 FAMS @F2@
        1 RESN LOCKED
        0 @I3@ INDI
        1 NAME Third /Drum/
        1 DEAT
        2 DATE 1900
        1 FAMS @F2@
        0 @F1@ FAM
        1 HUSB @I1@
        0 @F2@ FAM
        1 RESN CONFIDENTIAL
        1 WIFE @I2@
        1 HUSB @I3@
        1 MARR
        2 DATE 1871
        2 PLAC Ravensholm
        0 TRLR

        GED;

    /** Words that only what is withheld says. */
    private const WITHHELD = ['Secret', '1847', 'Gallowhope', 'Ravensholm', '1871'];

    public function test_nothing_withheld_leaves_in_a_shielded_file_and_all_of_it_in_one_that_keeps(): void
    {
        $this->bringInto(self::FILE)->assertSuccessful();
        $to = sys_get_temp_dir().'/nb-restricted-'.getmypid().'.ged';
        foreach (['7', '5.5.1'] as $standard) {
            self::assertSame(0, Artisan::call('bough:export', ['tree' => 'Marren', '--to' => $to, '--standard' => $standard]));
            $shielded = (string) file_get_contents($to);
            foreach (self::WITHHELD as $words) {
                self::assertStringNotContainsString($words, $shielded);
            }
            self::assertStringContainsString('kelp burner', $shielded);
            self::assertStringContainsString($standard === '7' ? '1 RESN LOCKED' : '1 RESN locked', $shielded);
            self::assertSame(0,
                Artisan::call('bough:export', ['tree' => 'Marren', '--to' => $to, '--standard' => $standard, '--living' => 'keep']));
            $kept = (string) file_get_contents($to);
            foreach ([...self::WITHHELD, $standard === '7' ? '2 RESN PRIVACY' : '2 RESN privacy'] as $words) {
                self::assertStringContainsString($words, $kept);
            }
        }
        unlink($to);
    }

    public function test_nothing_withheld_stands_before_a_reader_and_the_editor_sees_all(): void
    {
        $this->bringInto(self::FILE)->assertSuccessful();
        $ids = DB::table('people')->where('tree_id', $this->tree->id)->orderBy('number')->pluck('id')->all();
        $place = $this->api('POST', '/places', ['name' => 'Gallowhope'])->assertOk()->json('id');
        self::assertStringContainsString('Gallowhope', (string) $this->api('GET', "/people/{$ids[1]}")->assertOk()->getContent());
        $reader = $this->account('bran@marren.example');
        DB::table('members')->insert(['tree_id' => $this->tree->id, 'user_id' => $reader->id, 'role' => 'reader']);
        $this->actingAs($reader);
        $asked = ['/people', '/people?sort=birth', '/jump?q=osk', "/people/{$ids[1]}", "/people/{$ids[2]}", "/people/{$ids[1]}/card",
            "/people/{$ids[1]}/lines", "/drawings/ancestors/{$ids[1]}", '/sources', '/exchange', '/unions'];
        foreach ($asked as $path) {
            $answer = (string) $this->api('GET', $path)->getContent();
            foreach (self::WITHHELD as $words) {
                self::assertStringNotContainsString($words, $answer, $path);
            }
        }
        self::assertStringNotContainsString('1850', (string) $this->api('GET', "/places/{$place}")->assertOk()->getContent());
        self::assertStringContainsString('kelp burner', (string) $this->api('GET', "/people/{$ids[1]}")->getContent());
    }

    public function test_it_is_shown_changed_journalled_and_taken_back(): void
    {
        $ewan = $this->person('Ewan Tarrel h b 1847 d 1923');
        $birth = $this->fact($ewan, 'birth')->id;
        self::assertFalse($this->api('GET', "/people/{$ewan}")->json('isLiving'));
        $this->api('PATCH', "/people/{$ewan}", ['restriction' => 'CONFIDENTIAL, locked', 'version' => 1])->assertOk()
            ->assertJson(['restriction' => 'confidential, locked', 'isLiving' => true]);
        $this->api('PATCH', "/facts/{$birth}", ['restriction' => 'privacy', 'version' => 1])->assertOk();
        self::assertSame('privacy', $this->api('GET', "/people/{$ewan}")->json('facts.0.restriction'));
        $this->api('PATCH', "/people/{$ewan}", ['restriction' => 'very secret', 'version' => 2])->assertStatus(422);
        self::assertStringContainsString('restriction', (string) $this->api('GET', "/people/{$ewan}/history")->assertOk()->getContent());
        self::assertStringContainsString('1 RESN CONFIDENTIAL, LOCKED', $this->exported());
        $this->api('POST', '/journal/undo')->assertOk();
        $this->api('POST', '/journal/undo')->assertOk();
        $page = $this->api('GET', "/people/{$ewan}");
        self::assertSame(['', '', false], [$page->json('restriction'), $page->json('facts.0.restriction'), $page->json('isLiving')]);
    }

    public function test_it_is_lifted_again_from_a_person_and_a_fact(): void
    {
        $ewan = $this->person('Ewan Tarrel h b 1847 d 1923');
        $birth = $this->fact($ewan, 'birth')->id;
        $this->api('PATCH', "/people/{$ewan}", ['restriction' => 'confidential', 'version' => 1])->assertOk();
        $this->api('PATCH', "/facts/{$birth}", ['restriction' => 'privacy', 'version' => 1])->assertOk();
        $this->api('PATCH', "/people/{$ewan}", ['restriction' => '', 'version' => 2])->assertOk()
            ->assertJson(['restriction' => '', 'isLiving' => false]);
        $this->api('PATCH', "/facts/{$birth}", ['restriction' => '', 'version' => 2])->assertOk();
        self::assertSame('', $this->api('GET', "/people/{$ewan}")->json('facts.0.restriction'));
        self::assertStringNotContainsString('RESN', $this->exported());
    }
}
