<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Place;
use App\Models\PlaceWording;
use App\Trees\Exchange\ImportTree;
use App\Trees\Exchange\SilentProgress;
use Illuminate\Support\Facades\DB;

final class PlacesTest extends TestCase
{
    public function test_words_are_kept_and_stand_for_the_place_that_they_name(): void
    {
        $kirkhaven = $this->place('Kirkhaven', $this->place('Marren Isles'));
        $ewan = $this->person("Ewan Tarrel b 1847 St Bregan's Kirk, Kirkhaven, Marren");

        self::assertSame("St Bregan's Kirk, Kirkhaven, Marren", $this->fact($ewan, 'birth')->place_typed);
        $page = $this->api('GET', "/places/{$kirkhaven}");
        self::assertSame(["St Bregan's Kirk, Kirkhaven, Marren"], array_column($page->json('wordings'), 'typed'));
        self::assertSame([['Ewan Tarrel', 'Birth']],
            array_map(static fn (array $f): array => [$f['person'], $f['word']], $page->json('facts')));
        $this->api('GET', '/reading/place?text='.urlencode("St Bregan's Kirk, Kirkhaven, Marren"))
            ->assertJsonPath('understood', "Kirkhaven, Marren Isles; “St Bregan's Kirk” is kept")->assertJsonPath('placeId', $kirkhaven);
    }

    public function test_what_a_wider_place_holds_is_found_under_it(): void
    {
        $isles = $this->place('Marren Isles');
        $this->place('Kirkhaven', $isles);
        $this->person('Ewan Tarrel b 1847 Kirkhaven');
        $jean = $this->person('Jean Osk b 1850 Kirkhaven, Marren Isles');
        $this->relative($jean, 'partner', 'Bran Drum m 1870 Marren Isles');
        $this->person('Una Penhask b 1850 Pellmouth');

        self::assertSame(3, $this->api('GET', "/places/{$isles}")->json('factCount'));
        self::assertEqualsCanonicalizing(['Ewan Tarrel', 'Jean Osk', 'Bran Drum'],
            array_column($this->api('GET', "/people?place={$isles}")->assertJsonPath('shown', 3)->json('rows'), 'name'));
    }

    public function test_words_that_stand_for_nothing_wait_and_are_never_made_places_by_themselves(): void
    {
        foreach (['Ewan Tarrel b 1847 Hask Light, Hask', 'Jean Osk b 1850 Hask Light, Hask', 'Una Osk b 1851 the Ness'] as $line) {
            $this->person($line);
        }
        self::assertSame(0, Place::query()->count());
        self::assertSame([['typed' => 'Hask Light, Hask', 'facts' => 2], ['typed' => 'the Ness', 'facts' => 1]],
            $this->api('GET', '/wordings')->json('rows'));

        $light = $this->api('POST', '/wordings', ['typed' => 'Hask Light, Hask'])->assertOk()->json('id');
        self::assertSame(['Hask Light', 'Hask'], $this->api('GET', "/places/{$light}")->json('path'));
        $ness = $this->api('POST', '/wordings',
            ['typed' => 'the Ness', 'placeId' => Place::query()->where('name', 'Hask')->firstOrFail()->id])->json('id');
        self::assertSame(0, $this->api('GET', '/wordings')->json('total'));
        self::assertSame(3, $this->api('GET', "/places/{$ness}")->json('factCount'));
    }

    public function test_all_waiting_words_become_places_in_one_change_that_can_be_taken_back(): void
    {
        foreach (['Hask Light, Hask, Marren Isles', 'Gannet Stair, Hask, Marren Isles', 'Hask, Marren Isles', 'Kirkhaven',
            ' , '] as $place) {
            $this->person("Ewan Tarrel b 1847 {$place}");
        }
        $this->api('POST', '/wordings/all')->assertOk()->assertJsonPath('total', 0);
        self::assertEqualsCanonicalizing(['Hask Light', 'Hask', 'Marren Isles', 'Gannet Stair', 'Kirkhaven'], Place::query()->pluck('name')
            ->all());
        $this->api('POST', '/journal/undo')->assertOk();
        self::assertSame([0, 0], [Place::query()->count(), PlaceWording::query()->count()]);
        self::assertSame(4, $this->api('GET', '/wordings')->json('total'));
    }

    public function test_a_new_place_or_name_settles_words_that_were_waiting_for_it(): void
    {
        $this->person('Ewan Tarrel b 1847 Crab Stairs, Kirkhaven');
        $this->person('Jean Osk b 1620 Kirkhamn');
        $kirkhaven = $this->place('Kirkhaven');
        self::assertSame(1, $this->api('GET', '/wordings')->json('total'));
        $this->api('POST', "/places/{$kirkhaven}/names", ['name' => 'Kirkhamn', 'to' => '1650'])->assertOk();
        self::assertSame(0, $this->api('GET', '/wordings')->json('total'));
        self::assertSame(2, $this->api('GET', "/places/{$kirkhaven}")->json('factCount'));
    }

    public function test_one_fact_can_stand_for_another_place_than_its_words_usually_do(): void
    {
        $one = $this->place('Harbour', $this->place('Tolsay'));
        $other = $this->place('Harbour', $this->place('Pellmouth'));
        $ewan = $this->person('Ewan Tarrel b 1847 Harbour');
        self::assertSame(1, $this->api('GET', '/wordings')->json('total'), 'two places fit: nothing is settled');
        self::assertSame([$one, $other], array_column($this->api('GET', '/reading/place?text=harbour')->json('offers'), 'id'));

        $birth = $this->fact($ewan, 'birth');
        $this->api('PATCH', "/facts/{$birth->id}", ['placeId' => $other, 'version' => $birth->version])->assertOk();
        self::assertSame([0, 1],
            [$this->api('GET', "/places/{$one}")->json('factCount'), $this->api('GET', "/places/{$other}")->json('factCount')]);
        $this->api('PATCH', "/facts/{$birth->id}", ['place' => 'Harbour, Tolsay', 'version' => $birth->version + 1])->assertOk();
        self::assertNull($birth->refresh()->place_id, 'other words, and what was said of the old ones is gone');
        self::assertSame([1, 0],
            [$this->api('GET', "/places/{$one}")->json('factCount'), $this->api('GET', "/places/{$other}")->json('factCount')]);
    }

    public function test_jurisdictions_names_and_churches_are_those_of_the_time(): void
    {
        $great = $this->place('Great Marren');
        $tolsay = $this->place('Tolsay', $this->place('Marren Isles'));
        $osmund = $this->place('St Osmund', $tolsay);
        $this->api('POST', "/places/{$tolsay}/insides", ['placeId' => $great, 'to' => '1781'])->assertOk();
        $this->api('POST', "/places/{$tolsay}/churches", ['placeId' => $osmund, 'from' => '1782'])->assertOk();

        $this->api('GET', '/reading/place?text=Tolsay&date=1770')->assertJsonPath('path', 'Tolsay, Great Marren')
            ->assertJsonPath('church', '');
        $this->api('GET', '/reading/place?text=Tolsay&date=1890')->assertJsonPath('path', 'Tolsay, Marren Isles')
            ->assertJsonPath('church', 'St Osmund');
        $this->api('POST', "/places/{$great}/insides", ['placeId' => $tolsay])->assertStatus(422);
        $this->api('PATCH', "/places/{$great}", ['insideId' => $osmund, 'version' => 1])->assertStatus(422);
        $this->api('POST', "/places/{$tolsay}/churches", ['placeId' => $osmund, 'from' => '1900', 'to' => '1782'])->assertStatus(422);
    }

    public function test_a_date_is_read_as_its_source_wrote_it_else_its_place_else_the_tree(): void
    {
        $isles = $this->place('Marren Isles');
        $ewan = $this->person('Ewan Tarrel b 10 Feb 1731 Marren Isles d 3/4/1799 Marren Isles');
        self::assertSame('10 Feb 1731 or 10 Feb 1731/2', str_replace('Julian', '', $this->fact($ewan, 'birth')->date->shown));

        $this->api('PUT', "/places/{$isles}/reckoning",
            ['calendar' => 'JULIAN', 'yearStart' => '25 March', 'until' => '31 December 1752', 'order' => 'dmy'])->assertOk();
        self::assertFalse($this->fact($ewan, 'birth')->date->isAmbiguous());
        self::assertSame('3 Apr 1799', $this->fact($ewan, 'death')->date->shown);
        self::assertStringContainsString('1732', $this->api('GET', "/people/{$ewan}")->json('facts.0.date.earliest'));
        $this->api('GET', '/reading/date?text=10+Feb+1731&place=Marren+Isles')->assertJsonPath('ambiguous', false);
        $this->api('GET', '/reading/date?text=10+Feb+1731&place=Pellmouth')->assertJsonPath('ambiguous', true);

        $book = $this->source('A book that wrote the month first');
        $this->api('POST', '/facts/'.$this->fact($ewan, 'death')->id.'/citations', ['sourceId' => $book])->assertOk();
        $this->api('PUT', "/sources/{$book}/reckoning", ['order' => 'mdy'])->assertOk();
        self::assertSame('4 Mar 1799', $this->fact($ewan, 'death')->date->shown);

        $this->api('PUT', "/sources/{$book}/reckoning", [])->assertOk();
        self::assertSame('3 Apr 1799', $this->fact($ewan, 'death')->date->shown);
        $this->api('PUT', "/places/{$isles}/reckoning", [])->assertOk();
        self::assertTrue($this->fact($ewan, 'death')->date->isAmbiguous());
        $this->api('PUT', '/reckoning', ['order' => 'mdy'])->assertOk()->assertJsonPath('reckoning.words', '3/4 is the 4th of March');
        self::assertSame('4 Mar 1799', $this->fact($ewan, 'death')->date->shown);
        $this->api('PUT', "/places/{$isles}/reckoning", ['calendar' => 'LUNAR'])->assertStatus(422);
    }

    public function test_a_file_says_what_its_words_stand_for_only_where_the_gazetteer_knows(): void
    {
        $hask = $this->place('Hask', $this->place('Marren Isles'));
        $path = (string) tempnam(sys_get_temp_dir(), 'places');
        file_put_contents($path,
            implode("\n", ['0 HEAD', '1 GEDC', '2 VERS 7.0', '0 @I1@ INDI', '1 NAME Ewan /Tarrel/', '1 BIRT', '2 PLAC Stair, Hask, Marren',
                '1 DEAT', '2 PLAC Hask', '1 BURI', '2 PLAC Pellmouth', '1 RESI', '2 PLAC Hask', '0 TRLR', '']));
        app(ImportTree::class)->run($path, 'places.ged', $this->user, new SilentProgress);
        unlink($path);

        self::assertSame(2, Place::query()->count());
        self::assertEqualsCanonicalizing(['Stair, Hask, Marren', 'Hask'], PlaceWording::query()->pluck('typed')->all());
        self::assertSame(['Pellmouth'], array_column($this->api('GET', '/wordings')->json('rows'), 'typed'));
        self::assertSame(3, $this->api('GET', "/places/{$hask}")->json('factCount'));
        $this->api('POST', '/journal/undo')->assertOk();
        self::assertSame([2, 0], [Place::query()->count(), PlaceWording::query()->count()]);
    }

    public function test_deleting_a_place_leaves_the_words_and_lifts_what_lay_in_it(): void
    {
        $isles = $this->place('Marren Isles');
        $hask = $this->place('Hask', $isles);
        $light = $this->place('Hask Light', $hask);
        $ewan = $this->person('Ewan Tarrel b 1847 Hask');
        $this->api('DELETE', "/places/{$hask}")->assertNoContent();
        self::assertSame(['Hask Light', 'Marren Isles'], $this->api('GET', "/places/{$light}")->json('path'));
        self::assertSame('Hask', $this->fact($ewan, 'birth')->place_typed);
        self::assertSame(['Hask'], array_column($this->api('GET', '/wordings')->json('rows'), 'typed'));
    }

    public function test_the_gazetteer_is_paged_and_found_by_any_name(): void
    {
        $rows = [];
        for ($at = 0; $at < 130; $at++) {
            $rows[] = ['tree_id' => $this->tree->id, 'id' => (string) \Illuminate\Support\Str::uuid7(), 'name' => "Skerry {$at}",
                'search' => "skerry {$at}"];
        }
        DB::table('places')->insert($rows);
        $first = $this->api('GET', '/places')->assertJsonPath('total', 130);
        $second = $this->api('GET', '/places?after='.urlencode($first->json('next')));
        self::assertCount(130, array_unique([...array_column($first->json('rows'), 'id'), ...array_column($second->json('rows'), 'id')]));
        self::assertNull($second->json('next'));

        $this->api('POST', "/places/{$rows[0]['id']}/names", ['name' => 'Sgeir Mhòr', 'language' => 'Old Marren'])->assertOk();
        self::assertSame(['Skerry 0'], array_column($this->api('GET', '/places?q=mhor')->json('rows'), 'name'));
    }

    public function test_a_reader_sees_no_fact_of_the_living_at_a_place(): void
    {
        $hask = $this->place('Hask');
        $this->person('Una Tarrel b 2001 Hask');
        $this->person('Jean Tarrel b 2003 Hasksteps, the house by the wall');
        $this->person('Ewan Tarrel b 1801 Hask d 1870 Hask');
        $reader = $this->account('reader@marren.example');
        DB::table('members')->insert(['tree_id' => $this->tree->id, 'user_id' => $reader->id, 'role' => 'reader']);
        $this->actingAs($reader);

        $page = $this->api('GET', "/places/{$hask}")->assertOk()->assertJsonPath('factCount', 2)->assertJsonPath('wordings', []);
        self::assertSame(['Ewan Tarrel', 'Ewan Tarrel'], array_column($page->json('facts'), 'person'));
        $this->api('GET', '/wordings')->assertForbidden();
        self::assertSame(['Hask'], $this->api('GET', '/reading/places?q=has')->json('suggestions'));
        $this->api('GET', '/places')->assertJsonPath('unsettled', 0)->assertJsonPath('rows.0.facts', 0);
    }

    private function place(string $name, ?string $inside = null): string
    {
        return $this->api('POST', '/places', ['name' => $name, 'insideId' => $inside ?? ''])->assertOk()->json('id');
    }
}
