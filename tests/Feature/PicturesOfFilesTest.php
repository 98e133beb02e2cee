<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\User;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use ZipArchive;

/** Pictures that come with a file: whatever else is said of them, they keep their people, and the same bytes go out. */
final class PicturesOfFilesTest extends TestCase
{
    use UploadsFiles;

    private const LINES = [
        '0 HEAD', '1 GEDC', '2 VERS 7.0',
        '0 @I1@ INDI', '1 NAME Ewan /Tarrel/', '1 DEAT', '2 DATE 1923', '1 OBJE @O1@', '2 CROP', '3 TOP 10', '3 LEFT 20',
        '2 TITL Ewan at the quay', '1 OBJE @O2@',
        '0 @I2@ INDI', '1 NAME Una /Osk/', '1 BIRT', '2 DATE 1990', '1 OBJE @O3@',
        '0 @O1@ OBJE', '1 FILE C:\\Tree\\media\\Ewan%20Tarrel.png', '2 FORM image/png', '2 TITL Ewan', '1 FILE media/back of it.png',
        '2 FORM image/png', '1 UID 7c9e6679-7425-40de-944b-e07fc1f90ae7', '1 NOTE from the album of Una Osk',
        '0 @O2@ OBJE', '1 FILE LIGHT.PNG', '2 FORM image/png',
        '0 @O3@ OBJE', '1 FILE media/una.png', '2 FORM image/png',
        '0 @O4@ OBJE', '1 FILE media/lost.png', '2 FORM image/png',
        '0 @S1@ SOUR', '1 TITL Album', '1 OBJE @O1@', '1 OBJE @O3@',
        '0 TRLR', '',
    ];

    public function test_they_keep_their_people_and_their_words(): void
    {
        $this->bringZip();
        $ewan = $this->api('GET', '/jump?q=Ewan')->json('people.0.id');
        $on = DB::table('media_links')
            ->join('media', static fn ($join) => $join->on('media.tree_id', 'media_links.tree_id')->on('media.id', 'media_links.media_id'))
            ->where('media_links.tree_id', $this->tree->id)->where('media_links.person_id', $ewan)->orderBy('media.path')
            ->pluck('media.title', 'media.path')->all();
        self::assertSame(['media/Ewan Tarrel.png' => 'Ewan', 'media/light.png' => ''], $on);
        $pictures = $this->api('GET', '/exchange')->json('imports.0');
        self::assertSame([4, 1, ['media/lost.png']],
            [$pictures['picturesFound'], $pictures['picturesMissingCount'], $pictures['picturesMissing']]);

        $file = $this->exported();
        foreach (["1 OBJE @O1@\n2 CROP\n3 TOP 10\n3 LEFT 20\n2 TITL Ewan at the quay\n",
            "0 @O1@ OBJE\n1 FILE media/Ewan Tarrel.png\n2 FORM image/png\n2 TITL Ewan\n1 FILE media/back of it.png\n2 FORM image/png\n1 "
                ."UID 7c9e6679-7425-40de-944b-e07fc1f90ae7\n1 NOTE from the album of Una Osk\n", "1 OBJE @O1@\n1 OBJE @O3@\n"] as $lines) {
            self::assertStringContainsString($lines, $file);
        }
    }

    public function test_one_that_somebody_asked_to_withhold_stays_at_home_and_before_no_reader(): void
    {
        $this->bringZip();
        $reader = $this->account('bran@marren.example');
        DB::table('members')->insert(['tree_id' => $this->tree->id, 'user_id' => $reader->id, 'role' => 'reader']);
        $light = (string) DB::table('media')->where('tree_id', $this->tree->id)->where('path', 'media/light.png')->value('id');
        $ewan = (string) $this->api('GET', '/jump?q=Ewan')->json('people.0.id');
        self::assertSame([200, true, true], $this->seenBy($reader, $light, $ewan));
        $version = (int) $this->api('GET', "/pictures/{$light}")->json('version');
        $this->api('PATCH', "/pictures/{$light}", ['restriction' => 'secret', 'version' => $version])->assertStatus(422);
        $this->api('PATCH', "/pictures/{$light}", ['restriction' => 'confidential', 'version' => $version])->assertOk();
        self::assertSame(['confidential', 'media/light.png'],
            [$this->api('GET', "/pictures/{$light}")->json('restriction'), $this->api('GET', "/pictures/{$light}")->json('path')]);
        self::assertSame([403, false, false], $this->seenBy($reader, $light, $ewan));
        self::assertStringContainsString("0 @O2@ OBJE\n1 FILE media/light.png\n2 FORM image/png\n1 RESN CONFIDENTIAL\n", $this->exported());
        $shielded = (string) $this->get("/api/trees/{$this->tree->id}/exchange/export?version=7&zipped=1")->assertOk()->streamedContent();
        self::assertStringNotContainsString('light.png', $shielded);
        self::assertStringContainsString("0 @O2@ OBJE\n1 FILE media/light.png\n2 FORM png\n1 _NB_RESN confidential\n",
            $this->exported(\NorthBough\Core\Gedcom\Version::V551));
        $this->api('POST', '/journal/undo')->assertOk();
        self::assertSame([200, true, true], $this->seenBy($reader, $light, $ewan));
        $this->api('POST', '/journal/redo')->assertOk();
        $this->api('PATCH', "/pictures/{$light}",
            ['restriction' => '', 'version' => (int) $this->api('GET', "/pictures/{$light}")->json('version')])->assertOk();
        self::assertSame([200, true, true], $this->seenBy($reader, $light, $ewan));
    }

    /**
     * What somebody is answered who asks for a picture, and whether it stands on a person's page and among all of them.
     *
     * @phpstan-impure
     *
     * @return array{int, bool, bool}
     */
    private function seenBy(User $reader, string $picture, string $person): array
    {
        $this->actingAs($reader);
        $seen = [$this->api('GET', "/pictures/{$picture}")->status(),
            str_contains((string) $this->api('GET', "/people/{$person}/pictures")->getContent(), $picture),
            str_contains((string) $this->api('GET', '/pictures')->getContent(), $picture)];
        $this->actingAs($this->user);

        return $seen;
    }

    public function test_whatever_bytes_came_in_go_out_and_none_of_the_living(): void
    {
        $this->bringZip();
        $to = sys_get_temp_dir().'/nb-pictures-'.getmypid().'.gdz';
        self::assertSame(0, Artisan::call('bough:export', ['tree' => 'Marren', '--to' => $to, '--living' => 'keep']));
        self::assertSame($this->pictures(), self::unzipped($to));
        self::assertSame(0, Artisan::call('bough:export', ['tree' => 'Marren', '--to' => $to]));
        $shielded = self::unzipped($to);
        self::assertArrayNotHasKey('media/una.png', $shielded);
        self::assertArrayHasKey('media/light.png', $shielded);
        $zip = new ZipArchive;
        $zip->open($to);
        $file = (string) $zip->getFromName('gedcom.ged');
        $zip->close();
        self::assertStringNotContainsString('Una', $file);
        self::assertStringNotContainsString('@O3@', $file, 'What stays at home is pointed at by nothing.');
        unlink($to);
    }

    private function bringZip(): void
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'nb');
        $zip = new ZipArchive;
        $zip->open($path, ZipArchive::OVERWRITE);
        $zip->addFromString('gedcom.ged', implode("\n", self::LINES));
        foreach ($this->pictures() as $name => $bytes) {
            $zip->addFromString($name, $bytes);
        }
        $zip->close();
        $this->bringInto((string) file_get_contents($path), [], 'tree.gdz')->assertSuccessful();
        unlink($path);
    }

    /** @return array<string, string> bytes by path */
    private function pictures(): array
    {
        return ['media/Ewan Tarrel.png' => self::picture(40, 30), 'media/back of it.png' => self::picture(41, 31),
            'media/light.png' => self::picture(42, 32), 'media/una.png' => self::picture(43, 33)];
    }

    /** @return array<string, string> */
    private static function unzipped(string $path): array
    {
        $zip = new ZipArchive;
        $zip->open($path);
        $files = [];
        for ($at = 0; $at < $zip->numFiles; $at++) {
            $name = (string) $zip->getNameIndex($at);
            $files += $name === 'gedcom.ged' ? [] : [$name => (string) $zip->getFromIndex($at)];
        }
        $zip->close();
        ksort($files);

        return $files;
    }
}
