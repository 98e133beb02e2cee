<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\DB;
use NorthBough\Core\Gedcom\Version;

/** Citations of a file that name no source record: citations like any other here, and words again in the file that goes out. */
final class CitedInWordsTest extends TestCase
{
    use UploadsFiles;

    private const FILE = "0 HEAD\n1 GEDC\n2 VERS 5.5.1\n1 CHAR UTF-8\n0 @I1@ INDI\n1 NAME Ann /Osk/\n1 BIRT\n2 DATE 1850\n2 SOUR Letter "
        ."of an aunt\n3 TEXT she says so\n1 DEAT\n2 DATE 1900\n2 SOUR Letter of an aunt\n0 TRLR\n";

    public function test_they_stand_on_the_fact_and_are_one_record(): void
    {
        $this->bringInto(self::FILE)->assertSuccessful();
        $person = (string) DB::table('people')->where('tree_id', $this->tree->id)->value('id');
        $facts = $this->api('GET', "/people/{$person}")->assertOk()->json('facts');
        self::assertSame([['Letter of an aunt'], ['Letter of an aunt']],
            array_map(static fn (array $fact): array => array_column($fact['citations'], 'locator'), $facts),
            (string) json_encode($facts[0]['citations']));
        $sources = DB::table('sources')->where('tree_id', $this->tree->id)->pluck('title', 'id')->all();
        self::assertSame(['Cited in words'], array_values($sources));
        self::assertContains('Letter of an aunt', DB::table('records')->where('tree_id', $this->tree->id)->pluck('locator')->all());
        self::assertSame(0, $this->api('GET', '/exchange')->json('imports.0.counts.3.count'), 'The file has no source record.');
    }

    public function test_they_go_out_as_words_until_more_is_said_of_their_source(): void
    {
        $this->bringInto(self::FILE)->assertSuccessful();
        $out = fn (Version $version): string => $this->out($version);
        self::assertStringContainsString("2 SOUR Letter of an aunt\n3 TEXT she says so\n", $out(Version::V551));
        self::assertStringContainsString("2 SOUR @VOID@\n3 PAGE Letter of an aunt\n3 DATA\n4 TEXT she says so\n", $out(Version::V7));
        self::assertStringNotContainsString('Cited in words', $out(Version::V7));
        $source = (string) DB::table('sources')->where('tree_id', $this->tree->id)->value('id');
        $this->api('PATCH', "/sources/{$source}", ['title' => 'Letters of the family', 'version' => 1])->assertOk();
        self::assertStringContainsString("0 @S1@ SOUR\n1 TITL Letters of the family\n", $out(Version::V551));
        self::assertStringContainsString("2 SOUR @S1@\n3 PAGE Letter of an aunt\n3 DATA\n4 TEXT she says so\n", $out(Version::V551));
    }

    public function test_a_record_that_nobody_cites_is_not_lost(): void
    {
        $this->bringInto(self::FILE)->assertSuccessful();
        $source = (string) DB::table('sources')->where('tree_id', $this->tree->id)->value('id');
        $this->api('POST', "/sources/{$source}/records", ['kind' => 'letter', 'locator' => 'Another letter'])->assertOk();
        self::assertStringContainsString('1 TITL Cited in words', $this->out(Version::V551));
    }

    private function out(Version $version): string
    {
        return (string) $this->get("/api/trees/{$this->tree->id}/exchange/export?version={$version->value}&living=keep")->assertOk()
            ->streamedContent();
    }
}
