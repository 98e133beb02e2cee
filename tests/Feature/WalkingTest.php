<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\UnionPartner;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;

/** The views in which people are walked: couples, the line up, the line down, and what everybody is to somebody. */
final class WalkingTest extends TestCase
{
    use UploadsFiles;

    private string $ewan;

    private string $moll;

    private string $ada;

    private string $kit;

    protected function setUp(): void
    {
        parent::setUp();
        $this->ewan = $this->person('Ewan Tarrel h b 12 Mar 1847 d 1923');
        $this->moll = $this->relative($this->ewan, 'partner', 'Moll Stair w b 1866 m 17 Oct 1888 Hask d 1941');
        $union = UnionPartner::query()->where('person_id', $this->moll)->firstOrFail()->union_id;
        $this->ada = $this->relative($this->ewan, 'child', 'Ada Tarrel w b 12 Mar 1894 d 1981', $union);
        $this->kit = $this->relative($this->ewan, 'child', 'Kit Tarrel h b 1896 d 1960', $union);
        $this->relative($this->ada, 'partner', 'Finlay Osk h b 1889 d 1967');
        $this->relative($this->kit, 'child', 'Una Tarrel w b 1920 d 1990');
    }

    public function test_couples_are_listed_with_wedding_children_and_what_is_missing(): void
    {
        $page = $this->api('GET', '/couples')->assertOk();
        self::assertSame([3, 3, null], [$page->json('shown'), $page->json('total'), $page->json('next')]);
        self::assertSame([['Finlay Osk', 'Ada Tarrel'], ['Ewan Tarrel', 'Moll Stair'], ['Kit Tarrel']],
            array_map(static fn (array $row): array => array_column($row['partners'], 'name'), $page->json('rows')));
        self::assertSame(['17 Oct 1888', 'Hask', 2], [$page->json('rows.1.married'), $page->json('rows.1.place'),
            $page->json('rows.1.children')]);

        foreach ([['a date', 2], ['a source', 3], ['children', 1], ['a partner', 1], ['; drop table unions', 3]] as [$without, $count]) {
            self::assertSame($count, $this->api('GET', '/couples?'.http_build_query(['without' => $without]))->json('shown'), $without);
        }
        self::assertSame(1, $this->api('GET', '/couples?q=sta+tarr')->json('shown'));
        self::assertSame(0, $this->api('GET', '/couples?q=zz%25')->json('shown'));
    }

    /** @return iterable<string, array{string, string, list<string>}> */
    public static function orders(): iterable
    {
        yield 'by the one' => ['first', 'up', ['Finlay', 'Ewan', 'Kit']];
        yield 'by the one, down' => ['first', 'down', ['Kit', 'Ewan', 'Finlay']];
        yield 'by the other, nobody last' => ['second', 'up', ['Ewan', 'Finlay', 'Kit']];
        yield 'by the other, down, nobody last' => ['second', 'down', ['Finlay', 'Ewan', 'Kit']];
        yield 'by the place, none last' => ['place', 'up', ['Ewan', 'Finlay', 'Kit']];
        yield 'by the children, most first' => ['children', 'down', ['Ewan', 'Kit', 'Finlay']];
    }

    /** @param  list<string>  $given */
    #[DataProvider('orders')]
    public function test_couples_are_sorted_by_any_column_both_ways(string $sort, string $order, array $given): void
    {
        $rows = $this->api('GET', "/couples?sort={$sort}&order={$order}")->assertOk()->json('rows');
        $first = array_map(static fn (array $row): string => explode(' ', $row['partners'][0]['name'])[0], $rows);

        self::assertSame($sort === 'place' ? $given[0] : $given, $sort === 'place' ? $first[0] : $first);
    }

    public function test_pages_of_couples_hold_each_once_whichever_way_they_are_sorted(): void
    {
        $lines = ['0 HEAD', '1 GEDC', '2 VERS 7.0'];
        foreach (range(1, 230) as $at) {
            array_push($lines, "0 @H{$at}@ INDI", '1 NAME Bran /Drum/', '1 SEX M', "0 @F{$at}@ FAM", "1 HUSB @H{$at}@");
            $at % 3 === 0 || array_push($lines, '1 MARR', '2 DATE '.(1800 + $at % 7));
        }
        $this->bringInto(implode("\n", [...$lines, '0 TRLR']))->assertSuccessful();
        foreach (['first', 'married', 'children'] as $sort) {
            foreach (['up', 'down'] as $order) {
                [$seen, $dates, $after] = [[], [], ''];
                do {
                    $page = $this->api('GET', '/couples?'.http_build_query(compact('sort', 'order', 'after')))->assertOk();
                    array_push($seen, ...array_column($page->json('rows'), 'id'));
                    array_push($dates, ...array_column($page->json('rows'), 'married'));
                    $after = (string) $page->json('next');
                } while ($after !== '' && count($seen) < 1000);
                self::assertCount(count(array_unique($seen)), $seen, "{$sort} {$order}");
                self::assertCount($this->api('GET', '/couples')->json('total'), $seen, "{$sort} {$order}");
                if ($sort === 'married') {
                    $years = array_map(static fn (string $date): string => substr($date, -4), array_filter($dates));
                    $sorted = $years;
                    $order === 'up' ? sort($sorted) : rsort($sorted);
                    self::assertSame($sorted, array_values($years));
                    self::assertSame(count($years), array_search('', $dates, true), 'Those without a date come last.');
                }
            }
        }
    }

    public function test_the_list_of_couples_follows_names_ties_and_weddings_and_comes_back_with_an_undo(): void
    {
        $names = fn (): array => array_map(static fn (array $row): string => implode(' + ', array_column($row['partners'], 'name'))
            .", {$row['married']}, {$row['children']}", $this->api('GET', '/couples?sort=first')->json('rows'));
        $before = $names();
        $this->api('PATCH', '/facts/'.$this->wedding(), ['date' => '1889', 'version' => 1])->assertOk();
        $this->api('DELETE', "/people/{$this->kit}")->assertNoContent();

        self::assertSame(['Finlay Osk + Ada Tarrel, , 0', 'Ewan Tarrel + Moll Stair, 1889, 1'], $names());
        $this->api('POST', '/journal/undo')->assertOk();
        $this->api('POST', '/journal/undo')->assertOk();
        self::assertSame($before, $names());
    }

    public function test_a_reader_sees_no_couple_with_somebody_living(): void
    {
        $living = $this->person('Nessa Quillan w b 1990');
        $this->relative($living, 'partner', 'Hugh Averay h b 1930 d 2020 m 2011');
        self::assertSame(4, $this->api('GET', '/couples')->json('shown'));
        $this->actingAs($this->reader());

        $page = $this->api('GET', '/couples')->assertOk();
        self::assertSame([3, 3], [$page->json('shown'), $page->json('total')]);
        self::assertStringNotContainsString('Nessa', (string) $page->getContent());
        self::assertSame(0, $this->api('GET', '/couples?q=nessa')->json('shown'));
        self::assertSame(0, $this->api('GET', '/couples?q=averay')->json('shown'));
    }

    public function test_the_line_up_and_the_line_down(): void
    {
        $una = $this->api('GET', '/people?q=una')->json('rows.0.id');
        $up = $this->api('GET', "/people/{$una}/pedigree")->assertOk();
        self::assertSame([1 => 'Una Tarrel', 2 => 'Kit Tarrel', 4 => 'Ewan Tarrel', 5 => 'Moll Stair'],
            array_column($up->json('seats'), 'name', 'seat'));
        self::assertSame([true, true], array_column(
            array_filter($this->api('GET', "/people/{$una}/pedigree?generations=2")->json('seats'),
                static fn (array $seat): bool => $seat['seat'] > 1), 'goesOn') + [1 => true]);
        self::assertSame(['Ada Tarrel', 'Kit Tarrel'],
            array_column($this->api('GET', "/people/{$this->ewan}/pedigree")->json('children'), 'name'));

        $down = $this->api('GET', "/people/{$this->ewan}/descent?generations=2")->assertOk();
        self::assertSame(['Ewan Tarrel', 1, 2],
            [$down->json('person.name'), $down->json('person.families'), $down->json('person.children')]);
        self::assertSame([$this->ewan, $this->ada, $this->kit], array_column($down->json('families'), 'personId'));
        self::assertSame(['17 Oct 1888', '41 and 21–22'], [$down->json('families.0.married'), $down->json('families.0.ages')]);
        self::assertSame(['86–87', ''], [$down->json('families.0.children.0.age'), $down->json('families.0.children.0.kind')]);
        self::assertSame(['Una Tarrel'], array_column($down->json('families.2.children'), 'name'));
    }

    public function test_a_reader_walks_past_the_living_without_their_names(): void
    {
        $nessa = $this->relative($this->kit, 'child', 'Nessa Tarrel w b 1993');
        $this->relative($nessa, 'child', 'Ivo Tarrel h b 2015');
        $this->actingAs($this->reader());

        foreach (["/people/{$nessa}/pedigree", "/people/{$this->ewan}/pedigree", "/people/{$this->ewan}/descent?generations=9",
            "/people?kin={$nessa}", "/people?kin={$this->ewan}&only=kin"] as $path) {
            $told = (string) $this->api('GET', $path)->assertOk()->getContent();
            self::assertStringNotContainsString('Nessa', $told, $path);
            self::assertStringNotContainsString('Ivo', $told, $path);
            self::assertStringNotContainsString('1993', $told, $path);
        }
    }

    public function test_everybody_is_told_what_they_are_to_somebody_and_only_kin_can_be_listed(): void
    {
        $una = $this->api('GET', '/people?q=una')->json('rows.0.id');
        $stranger = $this->person('Wat Drum h b 1850');
        $told = array_column($this->api('GET', "/people?kin={$una}")->assertOk()->json('rows'), 'kin', 'name');
        ksort($told);
        self::assertSame(['Ada Tarrel' => 'aunt', 'Ewan Tarrel' => 'grandfather', 'Finlay Osk' => 'aunt’s partner',
            'Kit Tarrel' => 'father', 'Moll Stair' => 'grandmother', 'Una Tarrel' => '', 'Wat Drum' => ''], str_replace("'", '’', $told));

        $kin = $this->api('GET', "/people?kin={$una}&only=kin")->assertOk();
        self::assertSame(6, $kin->json('shown'));
        self::assertNotContains($stranger, array_column($kin->json('rows'), 'id'));
        // Of nobody, and of somebody who is not in the tree, nothing is told and nobody left out.
        self::assertSame(7, $this->api('GET', '/people?only=kin')->json('shown'));
        self::assertSame(7, $this->api('GET', '/people?only=kin&kin=01a2217f-0000-7000-8000-000000000000')->json('shown'));
    }

    private function wedding(): string
    {
        return (string) DB::table('events')->where('tree_id', $this->tree->id)->where('kind', 'marriage')->value('id');
    }

    private function reader(): \App\Models\User
    {
        $reader = $this->account('reader@marren.example');
        DB::table('members')->insert(['tree_id' => $this->tree->id, 'user_id' => $reader->id, 'role' => 'reader']);

        return $reader;
    }
}
