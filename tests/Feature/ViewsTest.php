<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Finding, drawing, printing. */
final class ViewsTest extends TestCase
{
    public function test_the_index_is_paged_by_key_and_filtered(): void
    {
        for ($number = 1; $number <= 130; $number++) {
            $this->person(sprintf('Given%03d %s b %d', $number, $number % 2 === 0 ? 'Osk' : 'Tarrel', 1700 + $number));
        }
        $first = $this->api('GET', '/people');
        $second = $this->api('GET', '/people?after='.$first->json('next'));
        $names = array_column([...$first->json('rows'), ...$second->json('rows')], 'filed');
        $sorted = $names;
        sort($sorted);

        self::assertCount(130, $names);
        self::assertSame($sorted, $names);
        self::assertNull($second->json('next'));
        self::assertSame([65, 130], [$this->api('GET', '/people?q=osk')->json('shown'), $this->api('GET', '/people?q=osk')->json('total')]);
        self::assertSame([1701, 1702],
            array_map(intval(...), array_slice(array_column($this->api('GET', '/people?sort=birth')->json('rows'), 'born'), 0, 2)));
    }

    public function test_jumps_by_name_beginning_number_and_likeness(): void
    {
        $keziah = $this->person('Keziah "Hezzy" Osk w b abt 1820');
        $this->person('Ewan Tarrel');

        foreach (['kez osk', 'OSK', 'hezzy', '1', '#1', 'Kezia Ossk'] as $typed) {
            self::assertSame($keziah, $this->api('GET', '/jump?q='.urlencode($typed))->json('people.0.id'), $typed);
        }
        self::assertSame([], $this->api('GET', '/jump?q=zzzzzz')->json('people'));
    }

    public function test_a_drawing_as_a_scene_as_svg_and_as_pdf(): void
    {
        $child = $this->person('Ewan Tarrel b 1847');
        $this->relative($child, 'father', 'Magnus Tarrel b 1818');
        $scene = $this->api('GET', "/drawings/ancestors/{$child}?generations=5")->assertOk();
        self::assertCount(2, $scene->json('areas'));
        self::assertCount(4, $scene->json('paths.0.points'), 'straight from the one to the other');

        $svg = $this->get("/api/trees/{$this->tree->id}/drawings/ancestors/{$child}.svg?living=keep")->assertOk();
        self::assertStringContainsString('Magnus Tarrel', (string) $svg->getContent());
        $pdf = (string) $this->get("/api/trees/{$this->tree->id}/drawings/ancestors/{$child}.pdf?living=keep")->assertOk()->getContent();
        self::assertStringStartsWith('%PDF', $pdf);
        self::assertStringContainsString('SourceSerif4', $pdf, 'the face that ships is the face that prints');
        $this->api('GET', "/drawings/wheel/{$child}")->assertNotFound();
        $this->api('GET', '/drawings/ancestors/'.Str::uuid7())->assertNotFound();
        $this->api('GET', "/drawings/ancestors/{$child},{$child}")->assertNotFound();
        $this->api('GET', "/drawings/ancestors/{$child}?generations=13")->assertUnprocessable()
            ->assertSee('Generations is a number from 1 to 12');
        $this->api('GET', "/drawings/ancestors/{$child}?colour=red")->assertUnprocessable();
        self::assertCount(1, $this->api('GET', "/drawings/ancestors/{$child}?generations=1")->json('areas.0.rules'));
        self::assertContains('bring parents',
            array_column($this->api('GET', "/drawings/ancestors/{$child}?generations=1")->json('areas'), 'gesture'));

        $oonagh = $this->person('Oönagh Corran');
        $named = (string) $this->get("/api/trees/{$this->tree->id}/drawings/ancestors/{$oonagh}.svg?living=keep")->assertOk()
            ->headers->get('Content-Disposition');
        self::assertStringContainsString("filename*=utf-8''Ancestors-of-O%C3%B6nagh-Corran.svg", $named);
    }

    public function test_a_family_group_sheet_on_the_page_and_as_files(): void
    {
        $ewan = $this->person('Ewan Tarrel h b 1847');
        $this->relative($ewan, 'partner', 'Moll Stair w m 1888');
        $source = $this->source('Register of St Osmund');
        $this->api('POST', '/facts/'.$this->fact($ewan, 'birth')->id.'/citations', ['sourceId' => $source, 'locator' => 'baptisms 1847'])
            ->assertOk();
        $union = $this->api('GET', '/unions?q=moll')->json('unions.0');
        self::assertSame('Ewan Tarrel and Moll Stair', $union['names']);
        $sheet = $this->api('GET', "/reports/family/{$union['id']}")->assertOk();

        self::assertStringContainsString('<i>Register of St Osmund</i>, baptisms 1847.', $sheet->json('html'));
        $html = $this->get("/api/trees/{$this->tree->id}/reports/family/{$union['id']}.html")->assertOk();
        self::assertStringStartsWith('<!doctype html>', (string) $html->getContent());
        $pdf = $this->get("/api/trees/{$this->tree->id}/reports/family/{$union['id']}.pdf")->assertOk();
        self::assertStringStartsWith('%PDF', (string) $pdf->getContent());
    }

    public function test_what_can_be_chosen_of_each_kind_is_told_to_the_page(): void
    {
        $kinds = $this->api('GET', '/drawing-kinds')->assertOk()->json('kinds');
        self::assertSame(['ancestors', 'descendants', 'fan', 'hourglass', 'kindred', 'path', 'lifespans'], array_column($kinds, 'code'));
        self::assertSame(['generations', 'number', 'Generations', '5', 12],
            [...array_map(static fn (string $key) => $kinds[0]['options'][0][$key], ['name', 'type', 'label', 'usual']),
                count($kinds[0]['options'][0]['words'])]);
        self::assertSame(['person', 'couple', 'person', 'line', 'line', 'line', 'line', 'line', 'person', 'record', 'record', 'tree',
            'tree', 'tree',
            'tree', 'question', 'tree', 'tree', 'tree', 'text', 'book'], array_column($this->api('GET', '/report-kinds')->json('kinds'),
                'subject'));
    }

    public function test_one_record_cited_by_many_facts_is_changed_in_one_place(): void
    {
        $ewan = $this->person('Ewan Tarrel b 1847 d 1923');
        $source = $this->source('Registr of St Osmund');
        foreach (['birth', 'death'] as $kind) {
            $this->api('POST', '/facts/'.$this->fact($ewan, $kind)->id.'/citations',
                ['sourceId' => $source, 'locator' => 'p. 4', 'words' => $kind])->assertOk();
        }
        $this->api('POST', '/facts/'.$this->fact($ewan, 'birth')->id.'/citations',
            ['sourceId' => $source, 'locator' => 'p. 4', 'words' => 'birth'])->assertStatus(409);
        $this->api('PATCH', "/sources/{$source}", ['title' => 'Register of St Osmund', 'version' => 1])->assertOk();
        $page = $this->api('GET', "/sources/{$source}");

        self::assertCount(1, $page->json('records'));
        self::assertSame(['birth', 'death'], array_column($page->json('records.0.facts'), 'words'));
        self::assertSame('Register of St Osmund', $this->api('GET', "/people/{$ewan}")->json('facts.1.citations.0.note.0.text'));
        self::assertSame(2, $this->api('GET', '/sources?q=osmund')->json('rows.0.citations'));
    }

    public function test_the_desk_says_what_contradicts_and_what_cannot_be_read(): void
    {
        $magnus = $this->person('Magnus Tarrel b 3 May 1818');
        $this->api('POST', "/people/{$magnus}/facts", ['kind' => 'birth', 'date' => '1817']);
        $this->person('Ludo Maddern b 3/4/1878 d 31 June 1902');
        $sentences = array_column($this->api('GET', '/desk')->json('yours'), 'text');

        self::assertSame('Magnus Tarrel (no. 1) has conflicting births.', $sentences[0]);
        self::assertCount(3, $sentences);

        $senara = $this->person('Senara Vane w');
        $this->relative($senara, 'child', 'Kit Vane h');
        $union = $this->api('GET', "/people/{$senara}")->json('unions.0.id');
        $this->api('POST', "/unions/{$union}/facts", ['kind' => 'marriage', 'date' => '31 June 1840'])->assertOk();
        self::assertCount(4, array_column($this->api('GET', '/desk')->json('yours'), 'text'), 'of one partner only, a wife');
    }

    public function test_what_was_changed_of_somebody_stands_side_by_side_and_one_value_is_put_back(): void
    {
        $ewan = $this->person('Ewan Tarrel h b 1847 Hask');
        $birth = $this->fact($ewan, 'birth')->id;
        $this->api('PATCH', "/facts/{$birth}", ['date' => '1848', 'place' => 'Tolsay', 'why' => 'The register says so.', 'version' => 1])
            ->assertOk();
        $this->api('PATCH', "/facts/{$birth}", ['date' => '1849', 'version' => 2])->assertOk();
        $note = $this->api('POST', "/people/{$ewan}/notes", ['text' => 'A quiet man.'])->json('id');
        $this->api('DELETE', "/notes/{$note}")->assertNoContent();
        $history = fn (): array => array_map(static fn (array $entry): array => [$entry['op'], $entry['why'],
            array_map(static fn (array $value): string => "{$value['word']}: {$value['before']} > {$value['after']}",
                $entry['values'])],
            array_values(array_filter($this->api('GET', "/people/{$ewan}/history")->assertOk()->json('entries'),
                static fn (array $entry): bool => $entry['op'] !== 'insert')));
        self::assertSame(
            [['delete', '', ['words: A quiet man. > ']], ['update', '', ['when: 1848 > 1849']],
                ['update', 'The register says so.', ['when: 1847 > 1848', 'where: Hask > Tolsay']]], $history());

        $first = array_values(
            array_filter($this->api('GET', "/people/{$ewan}/history")->json('entries'),
                static fn (array $entry): bool => $entry['why'] !== ''))[0];
        $put = fn (int $version) => $this->api('POST', "/changed-values/{$first['id']}/put-back",
            ['field' => 'date_typed', 'version' => $version]);
        $put(1)->assertStatus(409);
        $put($first['version'])->assertOk();
        self::assertSame(['1847', 'Tolsay'], [$this->fact($ewan, 'birth')->date->shown, $this->fact($ewan, 'birth')->place_typed]);
        $this->api('POST', '/journal/undo')->assertOk();
        self::assertSame('1849', $this->fact($ewan, 'birth')->date->shown);
    }

    public function test_when_somebody_lived_follows_from_the_family_and_is_explained(): void
    {
        $child = $this->person('Hob Tarrel h');
        $mother = $this->relative($child, 'mother', 'Jean Penhask w b 3 May 1818 d 22 Nov 1889');
        $this->api('POST', "/people/{$child}/facts", ['kind' => 'census', 'date' => '2 Apr 1881'])->assertOk();
        $window = $this->api('GET', "/people/{$child}/window")->assertOk();
        self::assertSame(['4 May 1818 to 2 Apr 1881', 'from 2 Apr 1881 on'],
            [$window->json('bornCertain.shown'), $window->json('diedCertain.shown')]);
        self::assertSame([['Jean Penhask: Birth 3 May 1818.', 'A child is born after its parent.'], ['Census 2 Apr 1881.']],
            [$window->json('bornCertain.whyFrom'), $window->json('bornCertain.whyTo')]);
        self::assertSame([], $window->json('impossible'));
        // Of values that disagree the leading one counts, and nothing certain rests on it.
        $this->api('POST', "/people/{$mother}/facts", ['kind' => 'birth', 'date' => '1790'])->assertOk();
        $window = $this->api('GET', "/people/{$child}/window");
        self::assertSame('by 2 Apr 1881', $window->json('bornCertain.shown'));
        self::assertStringContainsString('Jean Penhask: Birth 3 May 1818.', implode(' ', $window->json('bornLikely.whyFrom')));
    }

    public function test_places_are_offered_as_they_were_typed_before(): void
    {
        $this->person('Ewan Tarrel b 1847 Hask Light, Hask, Marren Isles');
        self::assertSame(['Hask Light, Hask, Marren Isles'], $this->api('GET', '/reading/places?q=hask')->json('suggestions'));
    }

    public function test_words_are_read_while_they_are_typed(): void
    {
        $this->api('GET', '/reading/date?text=about+1850')->assertJsonPath('understood', 'about 1850 · 1848-01-01 to 1852-12-31');
        $this->api('GET', '/reading/date?text=31+June+1851')
            ->assertJsonPath('understood', 'June 1851 has 30 days, not 31. It is kept as you typed it.');
        $this->api('GET', '/reading/entry?line=Ewan+Tarrel+h+b+1851+Hask')->assertJsonPath('sexWord', 'male')
            ->assertJsonPath('events.0.place', 'Hask');
    }

    public function test_trees_are_renamed_and_deleted_by_name_only(): void
    {
        $this->api('PATCH', '', ['name' => 'Marren Isles'])->assertOk()->assertJsonPath('name', 'Marren Isles');
        $this->api('DELETE', '', ['name' => 'marren'])->assertStatus(422);
        $this->api('DELETE', '', ['name' => 'Marren Isles'])->assertNoContent();
        $this->api('GET', '')->assertNotFound();
        self::assertNotNull(DB::table('trees')->where('id', $this->tree->id)->value('deleted_at'));
    }

    public function test_what_happened_around_somebody_stands_beside_their_life(): void
    {
        $ewan = $this->person('Ewan Tarrel b 30 July 1790 Hask, Marren Isles d 1866');
        $told = $this->api('POST', '/world-events', ['words' => 'the light was lit', 'date' => '1807', 'place' => 'Hask'])->assertOk()
            ->json('id');
        $this->api('POST', '/world-events', ['words' => 'the colony was settled', 'date' => '1851', 'place' => 'New Ellandry'])->assertOk();
        $this->api('POST', '/world-events', ['words' => 'the kirk burned', 'date' => '1745'])->assertOk();
        $this->api('POST', '/world-events', ['words' => 'nobody knows when', 'date' => 'once'])->assertStatus(422);
        self::assertSame([['the light was lit', '16–17', '1807']],
            array_map(static fn (array $e): array => [$e['says'], $e['age'], $e['shown']], $this->api('GET', "/people/{$ewan}")
                ->json('world')));
        self::assertSame(['the kirk burned', 'the light was lit', 'the colony was settled'],
            array_column($this->api('GET', '/world-events')->json('events'), 'words'));
        $this->api('DELETE', "/world-events/{$told}")->assertNoContent();
        self::assertSame([], $this->api('GET', "/people/{$ewan}")->json('world'));
    }

    public function test_sums_with_dates_are_answered(): void
    {
        self::assertSame(['Sunday, 14 Jun 1818'], $this->api('GET', '/reading/sum?text='.urlencode('= 3 May 1891 - 72y 10m 19d'))
            ->json('suggestions'));
        self::assertSame([], $this->api('GET', '/reading/sum?text=kelp')->json('suggestions'));
    }

    public function test_a_surname_comes_before_a_given_name_and_words_stand_in_any_order(): void
    {
        foreach (range(1, 14) as $at) {
            $this->person("Given{$at} Tarrel b 18{$at}0");
        }
        $this->person('Tarrel Averay');
        $this->person('Isbel Quillan');
        $found = $this->api('GET', '/jump?q=tarr')->json('people');
        self::assertCount(12, $found);
        self::assertNotContains('Tarrel Averay', array_column($found, 'name'));
        foreach (['isbel quil', 'quil isbel', 'quillan isb', 'isabel quillan', 'isbel kwillan'] as $typed) {
            self::assertSame(['Isbel Quillan'], array_column($this->api('GET', '/jump?q='.urlencode($typed))->json('people'), 'name'),
                $typed);
        }
        self::assertSame(['Tarrel Averay'], array_column($this->api('GET', '/jump?q=tarrel+averay')->json('people'), 'name'));
        self::assertCount(12, $this->api('GET', '/jump?q=tarel')->json('people'), 'by sound');
    }
}
