<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Drawings that are kept: with the hand's work, opened with the tree of the day. */
final class SavedDrawingsTest extends TestCase
{
    use KeepsDrawings;

    public function test_it_is_kept_and_opened_with_who_came_and_went_and_where_the_hand_put_things(): void
    {
        [$man, $wife, $child] = $this->family();
        $id = $this->save('kindred', [$man], ['title' => 'Kindred of Hask', 'moves' => [['personId' => $child, 'x' => 40, 'y' => 12]],
            'notes' => [['personId' => $wife, 'x' => 0, 'y' => 70, 'words' => 'Came by boat']]]);

        $opened = $this->api('GET', "/saved-drawings/{$id}")->assertOk();
        self::assertSame(['For the wall', 'kindred', [$man], 0, 0], [$opened->json('name'), $opened->json('kind'),
            $opened->json('subjects'),
            $opened->json('cameCount'), $opened->json('goneCount')]);
        self::assertSame('Kindred of Hask', $opened->json('scene.title'));
        self::assertContains('Came by boat', array_column($opened->json('scene.texts'), 'words'));
        self::assertSame([$child], array_column(array_filter($opened->json('scene.areas'),
            static fn (array $area): bool => $area['isByHand']),
            'personId'));

        $this->relative($man, 'child', 'Una Tarrel w b 1892');
        $version = (int) DB::table('people')->where('id', $child)->value('version');
        $this->json('DELETE', "/api/trees/{$this->tree->id}/people/{$child}", [], ['If-Match' => (string) $version])->assertSuccessful();
        $opened = $this->api('GET', "/saved-drawings/{$id}")->assertOk();
        self::assertSame([['Una Tarrel'], ['somebody who was deleted'], ['somebody who was deleted']],
            [$opened->json('came'), $opened->json('gone'), $opened->json('idle')]);
        self::assertSame([$child], array_column($opened->json('handwork.moves'), 'personId'), 'the hand’s work is kept');

        $this->api('POST', '/journal/undo')->assertOk();
        self::assertSame([], $this->api('GET', "/saved-drawings/{$id}")->json('idle'));
    }

    public function test_whoever_was_joined_keeps_the_place_that_the_hand_gave(): void
    {
        [$man, , $child] = $this->family();
        $id = $this->save('descendants', [$man], ['moves' => [['personId' => $child, 'x' => 5, 'y' => 6]]]);
        $twin = $this->person('Magnus Tarrel h b 1890');
        $this->api('POST', "/doubles/{$twin}/{$child}/join", ['keep' => $twin])->assertOk();

        $opened = $this->api('GET', "/saved-drawings/{$id}")->assertOk();
        self::assertContains($opened->json('handwork.moves.0.personId'), array_column($opened->json('scene.areas'), 'personId'));
        self::assertSame([0, 0, []], [$opened->json('cameCount'), $opened->json('goneCount'), $opened->json('idle')]);
    }

    public function test_two_editors_never_overwrite_each_other_and_everything_is_undone(): void
    {
        [$man] = $this->family();
        $id = $this->save('fan', [$man]);
        $this->api('PUT', "/saved-drawings/{$id}", self::drawing('ancestors', [$man], ['title' => 'First']))->assertOk();
        $this->api('PUT', "/saved-drawings/{$id}", self::drawing('ancestors', [$man], ['title' => 'Second'], 1))->assertStatus(409);
        self::assertSame('First', $this->api('GET', "/saved-drawings/{$id}")->json('scene.title'));

        $this->json('DELETE', "/api/trees/{$this->tree->id}/saved-drawings/{$id}", [], ['If-Match' => '2'])->assertNoContent();
        self::assertSame([], $this->api('GET', '/saved-drawings')->json('drawings'));
        $this->api('POST', '/journal/undo')->assertOk();
        self::assertSame([['For the wall', 'Ancestors', 1]], array_map(static fn (array $drawing): array => [$drawing['name'],
            $drawing['kind'],
            $drawing['people']], $this->api('GET', '/saved-drawings')->json('drawings')));
    }

    public function test_what_cannot_be_kept_is_refused_in_a_sentence(): void
    {
        [$man] = $this->family();
        $this->api('POST', '/saved-drawings', self::drawing('wheel', [$man]))->assertNotFound();
        $this->api('POST', '/saved-drawings', self::drawing('kindred', [(string) Str::uuid7()]))->assertNotFound();
        $this->api('POST', '/saved-drawings', ['options' => ['generations' => '99']] + self::drawing('ancestors', [$man]))
            ->assertUnprocessable();
        $this->api('POST', '/saved-drawings', self::drawing('ancestors', [$man], ['moves' => [['personId' => $man, 'x' => 1e9, 'y' => 0]]]))
            ->assertUnprocessable();
        self::assertSame([], $this->api('GET', '/saved-drawings')->json('drawings'));
    }

    public function test_what_the_hand_does_is_drawn_before_it_is_kept(): void
    {
        [$man, $wife, $child] = $this->family();
        $drawn = $this->api('POST', "/reading/drawing/kindred/{$man}?up=0&down=1", ['handwork' => ['hidden' => [$wife]]])->assertOk();

        self::assertEqualsCanonicalizing([$man, $child], array_values(array_unique(array_column($drawn->json('areas'), 'personId'))));
        self::assertContains('… 1 partner hidden', array_map(static fn (array $area): string => $area['texts'][0]['words'],
            $drawn->json('areas')));
        self::assertSame(0, DB::table('drawings')->where('tree_id', $this->tree->id)->count());
    }

    public function test_a_reader_sees_no_living_name_in_it_and_no_file_tells_one(): void
    {
        [$man] = $this->family();
        $living = $this->relative($man, 'child', 'Nessa Tarrel w b 2001');
        $id = $this->save('descendants', [$man], ['title' => 'From Ewan to Nessa Tarrel', 'notes' => [['personId' => $man, 'x' => 0,
            'y' => 60,
            'words' => 'Great-grandfather of Nessa Tarrel']]]);
        foreach (['svg', 'json'] as $format) {
            $file = (string) $this->get("/api/trees/{$this->tree->id}/saved-drawings/{$id}.{$format}")->assertOk()->getContent();
            self::assertStringNotContainsString('Nessa', $file, $format);
            self::assertStringContainsString('Ewan Tarrel', $file);
        }
        self::assertStringContainsString('Nessa',
            (string) $this->get("/api/trees/{$this->tree->id}/saved-drawings/{$id}.svg?living=keep")->getContent());
        $reader = $this->account('reader@marren.example');
        DB::table('members')->insert(['tree_id' => $this->tree->id, 'user_id' => $reader->id, 'role' => 'reader']);
        DB::table('trees')->where('id', $this->tree->id)->update(['readers_see_living' => false]);
        $this->actingAs($reader);
        self::assertStringNotContainsString('Nessa', (string) $this->api('GET', "/saved-drawings/{$id}")->assertOk()->getContent());
        self::assertNotSame('', $living);
    }

    public function test_a_png_is_a_png(): void
    {
        [$man] = $this->family();
        $png = (string) $this->get("/api/trees/{$this->tree->id}/drawings/hourglass/{$man}.png")->assertOk()->getContent();

        self::assertStringStartsWith("\x89PNG", $png);
    }

    /** @return array{string, string, string} a man, his wife, their child */
    private function family(): array
    {
        $man = $this->person('Ewan Tarrel h b 1847 d 1923');
        $wife = $this->relative($man, 'partner', 'Moll Stair w b 1866 d 1941');
        $child = $this->relative($man, 'child', 'Magnus Tarrel h b 1890 d 1916');

        return [$man, $wife, $child];
    }

    /**
     * @param  list<string>  $subjects
     * @param  array<string, mixed>  $handwork
     */
    private function save(string $kind, array $subjects, array $handwork = []): string
    {
        return (string) $this->api('POST', '/saved-drawings', self::drawing($kind, $subjects, $handwork))->assertOk()->json('id');
    }
}
