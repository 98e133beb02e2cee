<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Media;
use App\Trees\Pictures\PictureFiles;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Process;
use Illuminate\Support\Facades\Storage;
use PHPUnit\Framework\Attributes\DataProvider;

/** Files are known by their content, kept as they are, and cut into tiles by the programs that really do it. */
final class PicturesTest extends TestCase
{
    use UploadsFiles;

    /** @return iterable<string, array{string, string, list<array{int, int}>}> file name, what vips makes it with, size of each page */
    public static function kinds(): iterable
    {
        yield 'JPEG' => ['page.jpg', 'image/jpeg', [[900, 700]]];
        yield 'PNG' => ['page.png', 'image/png', [[900, 700]]];
        yield 'WebP' => ['page.webp', 'image/webp', [[900, 700]]];
        yield 'TIFF' => ['page.tif', 'image/tiff', [[900, 700]]];
    }

    /** @param  list<array{int, int}>  $pages */
    #[DataProvider('kinds')]
    public function test_a_picture_is_kept_as_it_is_and_cut_into_tiles(string $name, string $type, array $pages): void
    {
        $content = self::made($name);
        // Called by another name, it is known by what it holds.
        $id = $this->take($content, 'mislabelled.dat');
        $picture = $this->api('GET', "/pictures/{$id}")->assertOk();
        self::assertSame([$type, 'ready', $pages],
            [$picture->json('type'), $picture->json('state'),
                array_map(static fn (array $page): array => [$page['width'], $page['height']], $picture->json('pages'))]);
        $media = Media::query()->findOrFail($id);
        self::assertSame($content, Storage::get(PictureFiles::place($this->tree->id, $media->sha256)));
        $levels = $picture->json('pages.0.levels');
        self::assertSame('image/webp', $this->get("/api/trees/{$this->tree->id}/media/{$id}/tiles/0/".($levels - 1).'/1/1')->assertOk()
            ->headers->get('Content-Type'));
        $this->get("/api/trees/{$this->tree->id}/media/{$id}/tiles/0/".($levels - 1).'/2/0')->assertNotFound();
        self::assertSame($content, $this->get("/api/trees/{$this->tree->id}/media/{$id}/original")->assertOk()->streamedContent());
    }

    public function test_the_pages_of_a_pdf_are_cut_one_by_one(): void
    {
        $record = $this->api('POST', '/sources/'.$this->source('Packet').'/records', ['kind' => 'free'])->json('id');
        $pdf = (string) $this->get("/api/trees/{$this->tree->id}/reports/record/{$record}.pdf")->assertOk()->getContent();
        $id = $this->take($pdf, 'transcript.pdf');
        self::assertSame(['application/pdf', 'ready'],
            [$this->api('GET', "/pictures/{$id}")->json('type'), $this->api('GET', "/pictures/{$id}")->json('state')]);
        self::assertGreaterThan(1000, $this->api('GET', "/pictures/{$id}")->json('pages.0.height'));
    }

    public function test_what_is_no_picture_is_refused_in_a_sentence_and_leaves_nothing(): void
    {
        foreach (['words.jpg' => 'no picture at all', 'page.html' => '<html><script>alert(1)</script></html>',
            'drawing.svg' => '<svg xmlns="http://www.w3.org/2000/svg"/>'] as $name => $content) {
            $said = $this->api('POST', '/pictures', ['uploadId' => $this->upload($content, $name)])->assertStatus(422)->json('message');
            self::assertSame("“{$name}” is neither JPEG, PNG, TIFF, WebP nor PDF by its content. Nothing was kept of it.", $said);
        }
        self::assertSame(0, Media::query()->count());
    }

    public function test_a_damaged_picture_is_kept_and_says_that_it_cannot_be_opened(): void
    {
        $id = $this->take(substr(self::made('page.png'), 0, 28), 'half.png');
        $picture = $this->api('GET', "/pictures/{$id}");
        self::assertSame('failed', $picture->json('state'));
        self::assertStringContainsString('The original is kept as it is', $picture->json('problem'));
    }

    public function test_the_same_file_twice_is_kept_once(): void
    {
        $content = self::made('page.png');
        self::assertSame($this->take($content, 'one.png'), $this->take($content, 'another.png'));
        self::assertSame(1, Media::query()->count());
    }

    public function test_files_without_a_title_can_be_listed(): void
    {
        $untitled = $this->take(self::picture(20, 20), 'first.png');
        $titled = $this->take(self::picture(21, 20), 'second.png');
        $this->api('PATCH', "/pictures/{$titled}", ['title' => 'The keepers, 1884', 'version' => 1])->assertOk();
        self::assertSame([$untitled], array_column($this->api('GET', '/pictures?untitled=1')->json('rows'), 'id'));
        self::assertSame([$titled], array_column($this->api('GET', '/pictures?q=keepers')->json('rows'), 'id'));
        self::assertSame(2, $this->api('GET', '/pictures?untitled=1')->json('total'));
    }

    public function test_a_face_is_cut_for_the_portrait_and_the_one_before_gives_way(): void
    {
        $ewan = $this->person('Ewan Tarrel h b 1845 d 1899');
        $id = $this->take(self::made('page.png'), 'group.png');
        $region = fn (float $left): string => $this->api('POST', "/pictures/{$id}/regions",
            ['page' => 0, 'left' => $left, 'top' => 0.1, 'width' => 0.2, 'height' => 0.3, 'personId' => $ewan])->assertOk()->json('id');
        $this->api('POST', "/regions/{$region(0.1)}/portrait")->assertOk();
        self::assertSame(0.1, $this->api('GET', "/people/{$ewan}")->json('portrait.left'));
        $this->api('POST', "/regions/{$region(0.5)}/portrait")->assertOk();
        self::assertSame(0.5, $this->api('GET', "/people/{$ewan}")->json('portrait.left'));
        self::assertSame(1, DB::table('media_links')->where('tree_id', $this->tree->id)->where('is_main', true)->count());
        $this->api('POST', '/journal/undo')->assertOk();
        self::assertSame(0.1, $this->api('GET', "/people/{$ewan}")->json('portrait.left'));
        $this->api('POST', "/pictures/{$id}/regions", ['page' => 0, 'left' => 0.1, 'top' => 0.1, 'width' => 0.2, 'height' => 0.3])
            ->assertStatus(422);
    }

    public function test_a_reader_sees_no_picture_on_which_somebody_living_may_be(): void
    {
        $una = $this->person('Una Tarrel w b 1990');
        $ewan = $this->person('Ewan Tarrel h b 1845 d 1899');
        [$ofUna, $ofEwan, $loose] = [$this->take(self::picture(20, 20), 'una.png', $una),
            $this->take(self::picture(21, 20), 'ewan.png', $ewan), $this->take(self::picture(22, 20), 'loose.png')];
        $reader = $this->account('reader@marren.example');
        DB::table('members')->insert(['tree_id' => $this->tree->id, 'user_id' => $reader->id, 'role' => 'reader']);
        $this->actingAs($reader);
        self::assertSame([403, 200, 403],
            array_map(fn (string $id): int => $this->api('GET', "/pictures/{$id}")->getStatusCode(), [$ofUna, $ofEwan, $loose]));
        self::assertSame([$ofEwan], array_column($this->api('GET', '/pictures')->json('rows'), 'id'));
        $this->get("/api/trees/{$this->tree->id}/media/{$ofUna}/original")->assertForbidden();
    }

    public function test_however_many_pictures_there_are_a_reader_asks_the_same_few_queries(): void
    {
        $ewan = $this->person('Ewan Tarrel h b 1845 Hask d 1899');
        $this->take(self::picture(20, 20), 'first.png', $ewan);
        $reader = $this->account('reader@marren.example');
        DB::table('members')->insert(['tree_id' => $this->tree->id, 'user_id' => $reader->id, 'role' => 'reader']);
        $asked = function (int $expected) use ($reader, $ewan): int {
            $this->actingAs($reader);
            DB::flushQueryLog();
            DB::enableQueryLog();
            self::assertCount($expected, $this->api('GET', "/people/{$ewan}/pictures")->assertOk()->json('pictures'));
            DB::disableQueryLog();
            $this->actingAs($this->user);

            return count(DB::getQueryLog());
        };
        $one = $asked(1);
        foreach (range(21, 27) as $width) {
            $this->take(self::picture($width, 20), "{$width}.png", $ewan);
        }
        self::assertSame($one, $asked(8));
    }

    public function test_where_a_picture_was_left_is_remembered_and_is_no_change(): void
    {
        $record = $this->api('POST', '/sources/'.$this->source('Packet').'/records', ['kind' => 'free'])->json('id');
        $image = $this->api('POST', "/records/{$record}/images", ['uploadId' => $this->upload(self::picture(20, 20), 'a.png')])->json('id');
        $seq = $this->tree->refresh()->last_change;
        $view = ['page' => 0, 'x' => 0.25, 'y' => 0.5, 'zoom' => 1.5, 'turn' => 90, 'inverted' => true, 'contrast' => 2, 'brightness' => 1,
            'headsPage' => 0, 'headsTop' => 0.125, 'headsHeight' => 0.0625];
        $this->api('PUT', "/images/{$image}/view", $view)->assertNoContent();
        self::assertEquals($view, $this->api('GET', "/records/{$record}")->json('images.0.view'));
        self::assertSame($seq, $this->tree->refresh()->last_change);
    }

    public function test_a_picture_is_put_on_a_fact_and_on_a_place_and_taken_off(): void
    {
        $ewan = $this->person('Ewan Tarrel h b 1845 Hask d 1899');
        $una = $this->person('Una Tarrel w b 1990');
        $birth = $this->fact($ewan, 'birth')->id;
        $place = $this->api('POST', '/places', ['name' => 'Hask'])->assertOk()->json('id');
        $put = fn (int $width, array $on): string => $this->api('POST', '/pictures',
            ['uploadId' => $this->upload(self::picture($width, 20), "{$width}.png"), ...$on])->assertOk()
            ->json('id');
        $cradle = $put(30, ['factId' => $birth]);
        $light = $put(31, ['placeId' => $place]);
        $ofUna = $put(32, ['factId' => $this->fact($una, 'birth')->id]);

        self::assertSame([[$cradle, 'ready']],
            array_map(static fn (array $one): array => [$one['mediaId'], $one['state']], $this->api('GET', "/facts/{$birth}/beside")
                ->assertOk()->json('pictures')));
        self::assertSame([$light], array_column($this->api('GET', "/places/{$place}/pictures")->assertOk()->json('pictures'), 'mediaId'));
        self::assertSame([[], []],
            [$this->api('GET', "/people/{$ewan}/pictures")->json('pictures'), $this->api('GET', "/facts/{$birth}/beside")->json('slips')]);
        self::assertSame(['Birth 1845', "people/{$ewan}"],
            array_values(array_intersect_key($this->api('GET', "/pictures/{$cradle}")->json('on.0'), ['says' => 1, 'link' => 1])));

        $reader = $this->account('reader@marren.example');
        DB::table('members')->insert(['tree_id' => $this->tree->id, 'user_id' => $reader->id, 'role' => 'reader']);
        $this->actingAs($reader);
        self::assertSame([200, 200, 403],
            array_map(fn (string $id): int => $this->api('GET', "/pictures/{$id}")->getStatusCode(), [$cradle, $light, $ofUna]));
        self::assertSame([], $this->api('GET', "/facts/{$this->fact($una, 'birth')->id}/beside")->json('pictures'));

        $this->actingAs($this->user);
        $this->api('DELETE', "/images/{$this->api('GET', "/places/{$place}/pictures")->json('pictures.0.imageId')}")->assertNoContent();
        self::assertSame([], $this->api('GET', "/places/{$place}/pictures")->json('pictures'));
    }

    public function test_pictures_go_out_zipped_with_who_is_on_them_and_come_back(): void
    {
        $ewan = $this->person('Ewan Tarrel h b 1845 Hask d 1899');
        $una = $this->person('Una Tarrel w b 1990');
        $face = $this->take(self::picture(60, 40), 'keepers.png', $ewan);
        $this->api('PATCH', "/pictures/{$face}", ['title' => 'The keepers', 'version' => 1])->assertOk();
        $region = $this->api('POST', "/pictures/{$face}/regions",
            ['page' => 0, 'left' => 0.25, 'top' => 0.125, 'width' => 0.5, 'height' => 0.5, 'personId' => $ewan])->assertOk()->json('id');
        $this->api('POST', "/regions/{$region}/portrait")->assertOk();
        $this->api('POST', '/pictures',
            ['uploadId' => $this->upload(self::picture(61, 40), 'cradle.png'), 'factId' => $this->fact($ewan, 'birth')->id])->assertOk();
        $this->take(self::picture(62, 40), 'loose.png');
        $ofUna = $this->take(self::picture(63, 40), 'una.png', $una);
        self::assertNotSame('', $ofUna);
        $zip = fn (string $living): string => (string) $this->get(
            "/api/trees/{$this->tree->id}/exchange/export?version=7&living={$living}&zipped=1")->assertOk()
            ->streamedContent();
        [$whole, $shielded] = [$zip('keep'), $zip('shield')];
        $before = self::saidOf($this->exported());
        self::assertSame(4, substr_count($before, " OBJE\n1 FILE"));
        self::assertSame([true, false], [str_contains($whole, '-una.png'), str_contains($shielded, '-una.png')]);
        self::assertSame([true, true, false],
            [str_contains($shielded, '-keepers.png'), str_contains($shielded, '-cradle.png'), str_contains($shielded, '-loose.png')]);

        $this->tree = \App\Models\Tree::begin('Again', $this->user);
        $this->enter($this->tree);
        $this->api('POST', '/exchange/imports', ['uploadId' => $this->upload($whole, 'again.gdz')])->assertOk();
        self::assertSame($before, self::saidOf($this->exported()));
        $again = (string) DB::table('people')->where('tree_id', $this->tree->id)->where('number', 1)->value('id');
        self::assertSame(0.25, $this->api('GET', "/people/{$again}")->json('portrait.left'));
        self::assertCount(1, $this->api('GET', "/facts/{$this->fact($again, 'birth')->id}/beside")->json('pictures'));
        self::assertSame(['The keepers', 'Ewan Tarrel'], [$this->api('GET', "/people/{$again}/pictures")->json('pictures.0.title'),
            $this->api('GET', "/pictures/{$this->api('GET', "/people/{$again}/pictures")->json('pictures.0.mediaId')}")
                ->json('regions.0.person')]);
        $this->api('POST', '/journal/undo')->assertOk();
        self::assertSame([0, 0, 0],
            array_map(fn (string $table): int => DB::table($table)->where('tree_id', $this->tree->id)->count(),
                ['media', 'media_links', 'regions']));
    }

    /** A file without its head and its days of change. */
    private static function saidOf(string $file): string
    {
        return (string) preg_replace('/^1 CHAN\n2 DATE .*\n3 TIME .*\n/m', '', (string) strstr($file, "\n0 @"));
    }

    /** A picture of 900 by 700 in the form that the name says. */
    private static function made(string $name): string
    {
        $file = sys_get_temp_dir().'/'.getmypid().$name;
        Process::run(['vips', 'grey', $file, '900', '700', '--uchar'])->throw();
        $content = (string) file_get_contents($file);
        unlink($file);

        return $content;
    }
}
