<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\DB;

/** Pictures on drawings: portraits in boxes and those that the hand set, on the page and in files, and none that may not be seen. */
final class DrawnPicturesTest extends TestCase
{
    use KeepsDrawings;
    use UploadsFiles;

    private string $ewan;

    private string $una;

    private string $group;

    protected function setUp(): void
    {
        parent::setUp();
        $this->ewan = $this->person('Ewan Tarrel h b 1845 d 1899');
        $this->una = $this->person('Una Tarrel w b 1990');
        $this->group = $this->take(self::picture(600, 400), 'group.png', $this->ewan);
        $region = $this->api('POST', "/pictures/{$this->group}/regions",
            ['page' => 0, 'left' => 0.1, 'top' => 0.2, 'width' => 0.25, 'height' => 0.5, 'personId' => $this->ewan])->json('id');
        $this->api('POST', "/regions/{$region}/portrait")->assertOk();
    }

    public function test_a_portrait_is_in_the_box_on_the_page_and_in_the_file(): void
    {
        $area = $this->api('GET', "/drawings/ancestors/{$this->ewan}?portraits=yes")->assertOk()->json('areas.0');
        self::assertSame("media/{$this->group}/cuts/0/1000-2000-2500-5000", $area['pictures'][0]['address']);
        $jpeg = $this->get("/api/trees/{$this->tree->id}/{$area['pictures'][0]['address']}")->assertOk();
        self::assertSame('image/jpeg', $jpeg->headers->get('Content-Type'));
        self::assertSame([150, 200], array_slice((array) getimagesizefromstring((string) $jpeg->getContent()), 0, 2));

        self::assertSame([], $this->api('GET', "/drawings/ancestors/{$this->ewan}")->json('areas.0.pictures'));
        self::assertSame(1, $this->images("drawings/ancestors/{$this->ewan}.svg?portraits=yes"));
        self::assertSame(0, $this->images("drawings/ancestors/{$this->ewan}.svg"));
    }

    public function test_a_report_shows_the_main_picture_where_that_is_wanted_and_may_be_seen(): void
    {
        $union = $this->api('POST', "/people/{$this->ewan}/relatives", ['relation' => 'partner', 'line' => 'Moll Stair w b 1850 d 1900'])
            ->assertOk()->json('unionId') ?? $this->api('GET', "/people/{$this->ewan}")->json('unions.0.id');
        self::assertStringContainsString('data:image/jpeg', (string) $this->api('GET', "/reports/person/{$this->ewan}")->json('html'));
        self::assertSame(1, $this->images("reports/person/{$this->ewan}.html"));
        self::assertSame(1, $this->images("reports/family/{$union}.html"));
        self::assertSame(0, $this->images("reports/person/{$this->ewan}.html?pictures=no"));
        self::assertSame(0, $this->images("reports/person/{$this->una}.html?living=keep"));

        // Somebody living stands on it too: it stays at home.
        $this->api('POST', "/pictures/{$this->group}/regions",
            ['page' => 0, 'left' => 0.6, 'top' => 0.2, 'width' => 0.2, 'height' => 0.5, 'personId' => $this->una])->assertOk();
        self::assertSame(0, $this->images("reports/person/{$this->ewan}.html"));
        self::assertSame(1, $this->images("reports/person/{$this->ewan}.html?living=keep"));
        $this->actingAs($this->reader());
        self::assertStringNotContainsString('data:image', (string) $this->api('GET', "/reports/person/{$this->ewan}")->json('html'));
    }

    public function test_what_is_asked_for_and_is_not_there_is_not_found(): void
    {
        foreach (["media/{$this->group}/cuts/7/0-0-10000-10000",
            'media/01a2217f-0000-7000-8000-000000000000/cuts/0/0-0-100-100'] as $path) {
            $this->get("/api/trees/{$this->tree->id}/{$path}")->assertNotFound();
        }
        // Past the edge, and of no size: what there is of it.
        foreach (['99999-0-500-500', '0-0-0-0', '9000-9000-99999-99999'] as $cut) {
            $this->get("/api/trees/{$this->tree->id}/media/{$this->group}/cuts/0/{$cut}")->assertOk();
        }
    }

    public function test_no_picture_with_somebody_living_leaves_unless_the_owner_says_so_and_no_reader_sees_it(): void
    {
        $this->api('POST', "/pictures/{$this->group}/regions",
            ['page' => 0, 'left' => 0.6, 'top' => 0.2, 'width' => 0.2, 'height' => 0.5, 'personId' => $this->una])->assertOk();
        $saved = $this->api('POST', '/saved-drawings', self::drawing('ancestors', [$this->ewan], ['pictures' => [
            ['personId' => $this->ewan, 'x' => 200, 'y' => 0, 'width' => 120, 'height' => 80, 'mediaId' => $this->group]]]))->assertOk()
            ->json('id');

        self::assertSame($this->ewan, $this->api('GET', "/saved-drawings/{$saved}")->json('scene.pictures.0.personId'));
        self::assertSame(0, $this->images("saved-drawings/{$saved}.svg"));
        self::assertSame(1, $this->images("saved-drawings/{$saved}.svg?living=keep"));
        $this->actingAs($this->reader());
        $this->get("/api/trees/{$this->tree->id}/media/{$this->group}/cuts/0/0-0-10000-10000")->assertForbidden();
        self::assertSame(0, $this->images("saved-drawings/{$saved}.svg"));
    }

    public function test_whoever_is_living_is_marked_for_the_list_before_a_file(): void
    {
        $this->api('POST', "/people/{$this->una}/relatives", ['relation' => 'father', 'line' => 'Kit Tarrel h b 1900 d 1950'])->assertOk();
        $living = array_column($this->api('GET', "/drawings/ancestors/{$this->una}")->json('areas'), 'isLiving', 'title');

        self::assertSame(['Kit Tarrel' => false, 'Una Tarrel' => true], [...['Kit Tarrel' => null], ...$living]);
    }

    public function test_a_title_of_as_many_letters_as_an_id_is_a_title(): void
    {
        $title = 'The keeper of Hask Light and his kin';
        self::assertSame(36, strlen($title));
        $saved = $this->api('POST', '/saved-drawings', self::drawing('ancestors', [$this->ewan], ['title' => $title]))->assertOk()
            ->json('id');

        self::assertSame($title, $this->api('GET', "/saved-drawings/{$saved}")->assertOk()->json('scene.title'));
    }

    /** How many pictures an SVG holds within it. */
    private function images(string $path): int
    {
        $svg = (string) $this->get("/api/trees/{$this->tree->id}/{$path}")->assertOk()->getContent();
        self::assertSame(substr_count($svg, '<image '), substr_count($svg, 'xlink:href="data:image/jpeg;base64,'));

        return substr_count($svg, '<image ');
    }

    private function reader(): \App\Models\User
    {
        $reader = $this->account('reader@marren.example');
        DB::table('members')->insert(['tree_id' => $this->tree->id, 'user_id' => $reader->id, 'role' => 'reader']);

        return $reader;
    }
}
