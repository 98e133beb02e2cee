<?php

declare(strict_types=1);

namespace Tests\Feature;

/** What comes of a file in the tree: whom it leaves living, what it asks, and by which names they are found. */
final class FilesReadTest extends TestCase
{
    use UploadsFiles;

    private function bring(string $lines): void
    {
        $this->bringInto("0 HEAD\n1 GEDC\n2 VERS 5.5.1\n{$lines}\n0 TRLR\n")->assertSuccessful();
    }

    public function test_a_death_that_asserts_nothing_leaves_them_living_and_asks(): void
    {
        $this->bring("0 @I1@ INDI\n1 NAME Ann /Osk/\n1 BIRT\n2 DATE 1980\n1 DEAT N\n0 @I2@ INDI\n1 NAME Bran /Osk/\n1 BIRT\n2 DATE 1981\n"
            ."1 DEAT\n0 @I3@ INDI\n1 NAME Cora /Osk/\n1 BIRT\n2 DATE 1982\n1 DEAT Y");
        $living = fn (): array => array_column($this->api('GET', '/people?only=living')->json('rows'), 'name');
        self::assertEqualsCanonicalizing(['Ann Osk', 'Bran Osk'], $living());
        $asked = array_values(
            array_filter($this->api('GET', '/desk')->assertOk()->json('yours'),
                static fn (array $one): bool => str_contains($one['text'], 'does not say that it happened')));
        self::assertSame(
            ['A file names a death of Ann Osk, no. 1, and does not say that it happened.',
                'A file names a death of Bran Osk, no. 2, and does not say that it happened.'], array_column($asked, 'text'));

        $bran = $this->api('GET', '/jump?q=Bran')->json('people.0.id');
        $this->api('POST', "/facts/{$this->fact($bran, 'death')->id}/lead", ['why' => 'His sister told it.'])->assertSuccessful();
        self::assertSame(['Ann Osk'], $living());
        self::assertStringContainsString("1 NAME Bran /Osk/\n1 BIRT\n2 DATE 1981\n1 DEAT Y\n",
            $this->exported(\NorthBough\Core\Gedcom\Version::V551));
        $this->api('POST', '/journal/undo')->assertOk();
        self::assertEqualsCanonicalizing(['Ann Osk', 'Bran Osk'], $living());
        self::assertStringContainsString("2 DATE 1981\n1 DEAT\n", $this->exported(\NorthBough\Core\Gedcom\Version::V551));
    }

    public function test_somebody_is_found_by_their_name_in_another_script(): void
    {
        $this->bring("0 @I1@ INDI\n1 NAME 宇納 /奥/\n2 ROMN Una /Osk/\n3 TYPE romaji\n2 FONE うな /おく/\n3 TYPE kana");
        foreach (['宇納', 'Una', 'Osk', 'osk una', 'うな'] as $typed) {
            self::assertCount(1, $this->api('GET', '/jump?'.http_build_query(['q' => $typed]))->json('people'), $typed);
        }
        self::assertSame([], $this->api('GET', '/jump?q=Bran')->json('people'));
    }

    public function test_words_in_the_place_of_a_date_are_shown_without_brackets_and_are_nothing_to_ask(): void
    {
        $this->bring("0 @I1@ INDI\n1 NAME Ann /Osk/\n1 BIRT\n2 DATE (in the year of the storm)\n1 DEAT\n2 DATE INT 25 DEC 1881 (Christmas "
            .'of the great storm)');
        $page = $this->api('GET', '/people/'.$this->api('GET', '/jump?q=Ann')->json('people.0.id'));
        self::assertEqualsCanonicalizing(['in the year of the storm', '25 Dec 1881 (Christmas of the great storm)'],
            array_column(array_column($page->json('facts'), 'date'), 'shown'));
        self::assertSame([],
            array_filter($this->api('GET', '/desk')->json('yours'), static fn (array $one): bool => str_contains($one['text'], 'storm')));
    }

    public function test_a_third_partner_and_two_of_one_pointer_are_all_there(): void
    {
        $this->bring("0 @I1@ INDI\n1 NAME Bran /Osk/\n0 @I1@ INDI\n1 NAME Ann /Drum/\n1 FAMS @F1@\n0 @I3@ INDI\n1 NAME Cora /Quillan/\n0 "
            ."@F1@ FAM\n1 HUSB @I1@\n1 WIFE @I1@\n1 WIFE @I3@\n0 @I9@ INDI\n1 NAME Dan /Osk/");
        self::assertSame(4, $this->api('GET', '/people')->json('total'));
        self::assertNotSame([], $this->api('GET', '/exchange')->json('imports.0.repaired'));
    }
}
