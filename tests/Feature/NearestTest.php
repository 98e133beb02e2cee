<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\DB;

/** Where nothing answers to the words of a filter, a list offers what comes nearest. */
final class NearestTest extends TestCase
{
    use UploadsFiles;

    public function test_misspelt_places_sources_and_couples_are_offered_and_nothing_far_away(): void
    {
        foreach (['Tolsay', 'Kirkhaven', 'Hask'] as $place) {
            $this->api('POST', '/places', ['name' => $place])->assertOk();
        }
        $this->api('POST', '/sources', ['title' => 'Registers of the Parish of St Osmund'])->assertOk();
        $ewan = $this->person('Ewan Tarrel h b 1845');
        $this->relative($ewan, 'partner', 'Keziah Ibsley w');

        self::assertSame(['Tolsay'], $this->nearest('places', 'Tolsey'));
        self::assertSame(['Kirkhaven'], $this->nearest('places', 'kirkhavn'));
        self::assertSame(['Registers of the Parish of St Osmund'], $this->nearest('sources', 'St Osmond regster'));
        self::assertSame([], $this->nearest('places', 'xyzzy'));
        self::assertSame([], $this->nearest('sources', "%_\\'"));
        $this->api('GET', '/unions?q=Keziah')->assertJsonPath('isNearest', false)
            ->assertJsonPath('unions.0.names', 'Ewan Tarrel and Keziah Ibsley');
        $this->api('GET', '/unions?q=Kezia+Ibsly')->assertJsonPath('isNearest', true)
            ->assertJsonPath('unions.0.names', 'Ewan Tarrel and Keziah Ibsley');
        $this->api('GET', '/nearest/people?q=Ewan')->assertNotFound();
    }

    public function test_a_reader_is_offered_no_picture_of_anybody_living(): void
    {
        $una = $this->person('Una Tarrel w b 1990');
        $ewan = $this->person('Ewan Tarrel h b 1845 d 1899');
        $this->take(self::picture(20, 20), 'harbour school class.png', $una);
        $this->take(self::picture(21, 20), 'harbour light.png', $ewan);
        self::assertEqualsCanonicalizing(['harbour school class.png', 'harbour light.png'], $this->nearest('pictures', 'harbor'));

        $reader = $this->account('reader@marren.example');
        DB::table('members')->insert(['tree_id' => $this->tree->id, 'user_id' => $reader->id, 'role' => 'reader']);
        $this->actingAs($reader);
        self::assertSame(['harbour light.png'], $this->nearest('pictures', 'harbor'));
    }

    /** @return list<string> */
    private function nearest(string $list, string $typed): array
    {
        return array_column($this->api('GET', "/nearest/{$list}?q=".rawurlencode($typed))->assertOk()->json('names'), 'name');
    }
}
