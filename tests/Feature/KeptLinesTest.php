<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\DB;

/** What a file said that has no field here stands in words beside what it belongs to, and as its lines on demand. */
final class KeptLinesTest extends TestCase
{
    use UploadsFiles;

    private const FILE = <<<'GED'
        0 HEAD
        1 GEDC
        2 VERS 5.5.1
        0 @I1@ INDI
        1 NAME Ewan /Tarrel/
        2 ROMN Ewan /Tarrel/
        3 TYPE romaji
        2 NOTE spelt so by himself
        2 SOUR @S1@
        3 PAGE 9
        1 SEX M
        1 BIRT
        2 DATE 1847
        2 PLAC Hask
        3 MAP
        4 LATI N59.1
        4 LONG W3.25
        2 CAUS unasked
        2 NOTE @N1@
        2 SOUR @S1@
        3 PAGE 4
        3 DATA
        4 DATE 3 MAY 1847
        3 QUAY 2
        1 DEAT
        2 DATE 1923
        1 ASSO @I2@
        2 RELA godparent
        1 RIN 77
        1 FAMS @F1@
        0 @I2@ INDI
        1 NAME Una /Osk/
        1 BIRT
        2 DATE 1990
        0 @F1@ FAM
        1 HUSB @I1@
        1 REFN 12
        0 @S1@ SOUR
        1 TITL Register of Una Osk
        1 REPO @R1@
        2 CALN 7
        3 MEDI film
        0 @R1@ REPO
        1 NAME Record House
        1 ADDR Shore Street
        2 CITY Kirkhaven
        0 @N1@ NOTE Told by Una Osk in 2019.
        0 TRLR

        GED;

    public function test_on_the_person_the_fact_the_name_the_couple_and_the_citation(): void
    {
        $this->bringInto(self::FILE)->assertSuccessful();
        $page = $this->api('GET', '/people/'.$this->named('Ewan'))->assertOk();
        $words = static fn (array $kept): array => array_column($kept, 'words');

        self::assertEqualsCanonicalizing([
            'Name, note: spelt so by himself', 'Name, cited: Register of Una Osk, 9',
            'With: Una Osk (as: godparent)', 'Number in the program: 77', 'Name, in Latin letters: Ewan /Tarrel/ (Kind: romaji)',
            'Couple, number of one’s own: 12',
        ], $words($page->json('kept')));
        $birth = array_values(array_filter($page->json('facts'), static fn (array $fact): bool => $fact['kind'] === 'birth'))[0];
        self::assertEqualsCanonicalizing([
            'Place, on the map: Latitude: N59.1, Longitude: W3.25', 'Citation, What it says, date: 3 MAY 1847', 'Cause: unasked',
            'Note: Told by Una Osk in 2019.',
        ], $words($birth['kept']));
        self::assertContains("0 CAUS unasked\n", array_column($birth['kept'], 'lines'));
    }

    public function test_on_the_source_with_where_it_is_held(): void
    {
        $this->bringInto(self::FILE)->assertSuccessful();
        $source = $this->api('GET', '/sources')->json('sources.0.id') ?? $this->api('GET', '/sources')->json('rows.0.id');
        self::assertSame(['Call number, kind of thing: film', 'Held by, address: Shore Street (town: Kirkhaven)'],
            array_column($this->api('GET', "/sources/{$source}")->assertOk()->json('kept'), 'words'));
    }

    public function test_a_reader_who_sees_no_living_reads_none_of_their_names_there(): void
    {
        $this->bringInto(self::FILE)->assertSuccessful();
        $ewan = $this->named('Ewan');
        $reader = $this->account('bran@marren.example');
        DB::table('members')->insert(['tree_id' => $this->tree->id, 'user_id' => $reader->id, 'role' => 'reader']);
        $this->actingAs($reader);
        $answer = (string) $this->api('GET', "/people/{$ewan}")->assertOk()->getContent();
        self::assertStringContainsString('1847', $answer);
        self::assertStringNotContainsString('Una', $answer);
        self::assertStringContainsString('[living]', $answer);
    }

    private function named(string $name): string
    {
        return $this->api('GET', "/jump?q={$name}")->json('people.0.id');
    }
}
