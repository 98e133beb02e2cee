<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Text;
use App\Models\Tree;
use App\Trees\Exchange\LivingTold;
use App\Trees\Exchange\PrivacyAwareExport;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Gedcom\Out\GedcomWriter;
use NorthBough\Core\Gedcom\Version;
use PHPUnit\Framework\Attributes\TestWith;

/** Texts that somebody wrote go out in a file, and come back with what was called into them. */
final class TextsInFilesTest extends TestCase
{
    use UploadsFiles;
    use WrittenBooks;

    #[TestWith([Version::V7])]
    #[TestWith([Version::V551])]
    public function test_a_text_comes_back_with_the_facts_people_and_records_that_it_calls(Version $version): void
    {
        $this->written();
        $file = $this->exported($version);
        self::assertStringContainsString("0 _NB_TEXT The keeper\n1 _NB_ABOUT @", $file);
        self::assertStringContainsString('NOTE Ewan Tarrel was born in 1847.', $file);
        foreach (DB::table('events')->where('tree_id', $this->tree->id)->pluck('id') as $id) {
            self::assertStringNotContainsString($id, $file);
        }

        $this->tree = Tree::begin('Again', $this->user);
        $this->enter($this->tree);
        $this->bringInto($file)->assertOk();
        $text = Text::query()->where('person_id', '<>', null)->firstOrFail();
        $read = $this->api('GET', "/texts/{$text->id}")->assertOk()->assertJsonPath('title', 'The keeper');
        $ewan = (string) DB::table('person_lines')->where('tree_id', $this->tree->id)->where('shown_name', 'Ewan Tarrel')
            ->value('person_id');
        self::assertSame($ewan, $read->json('personId'));
        self::assertSame(['in 1847', $this->fact($ewan, 'birth')->id], [$read->json('facts.0.today'), $read->json('facts.0.fact')]);
        $called = collect((array) $read->json('body.content.0.content'))->pluck('attrs')->filter()->values();
        self::assertSame($ewan, $called[0]['person']);
        self::assertTrue(DB::table('records')->where('tree_id', $this->tree->id)->where('id', $called[2]['record'])->exists());
        self::assertSame(1, DB::table('records')->where('tree_id', $this->tree->id)->count());
        self::assertSame(2, Text::query()->count());
        self::assertSame(self::texts($file), self::texts($this->exported($version)));
    }

    public function test_a_text_tells_nothing_of_the_living_in_a_file(): void
    {
        [$ewan, $una] = $this->written();
        $birth = $this->fact($una, 'birth')->id;
        $this->api('POST', '/texts', ['title' => 'Of Una Lorne', 'personId' => $una, 'body' => ['type' => 'doc', 'content' => []]])
            ->assertOk();
        $this->api('POST', '/texts', ['title' => 'Of Ewan', 'personId' => $ewan, 'body' => ['type' => 'doc', 'content' => [
            ['type' => 'paragraph', 'content' => [
                ['type' => 'text', 'text' => 'His like is Una Lorne, '],
                ['type' => 'person', 'attrs' => ['person' => $una, 'told' => 'our Una']],
                ['type' => 'fact', 'attrs' => ['owner' => $una, 'fact' => $birth, 'form' => 'when', 'told' => 'on 3 May 1999']]]]]]])
            ->assertOk();
        $rows = app(PrivacyAwareExport::class)->rows(LivingTold::nobody(), 'Wrote a file');
        $file = implode('', iterator_to_array(GedcomWriter::write($rows, Version::V7, Carbon::now()->toDateTimeImmutable()), false));

        self::assertStringContainsString('0 _NB_TEXT Of Ewan', $file);
        self::assertStringContainsString('[living]', $file);
        foreach (['Una', 'Lorne', '1999', 'Of Una'] as $secret) {
            self::assertStringNotContainsString($secret, $file);
        }
    }

    public function test_a_text_that_is_none_stays_among_the_lines_that_were_kept(): void
    {
        foreach (['1 _NB_BODY {"type":"script"}', '1 _NB_BODY no json', '1 _NB_ABOUT @I9@', "1 _NB_BODY {}\n1 _NB_BODY {}"] as $lines) {
            $this->tree = Tree::begin('Hostile', $this->user);
            $this->enter($this->tree);
            $this->bringInto("0 HEAD\n1 GEDC\n2 VERS 7.0\n0 @I1@ INDI\n1 NAME Ewan /Tarrel/\n0 _NB_TEXT Of him\n{$lines}\n0 TRLR\n")
                ->assertOk();
            self::assertSame(0, Text::query()->count(), $lines);
            self::assertStringContainsString('_NB_TEXT Of him', $this->exported(), $lines);
        }
        // What it calls is not in the file: its words stay.
        $this->tree = Tree::begin('Hostile', $this->user);
        $this->enter($this->tree);
        $this->bringInto("0 HEAD\n1 GEDC\n2 VERS 7.0\n0 @I1@ INDI\n1 NAME Ewan /Tarrel/\n0 _NB_TEXT Of him\n1 _NB_BODY "
            .json_encode(['type' => 'doc', 'content' => [['type' => 'paragraph', 'content' => [
                ['type' => 'person', 'attrs' => ['person' => '@I9@', 'told' => 'Moll Stair']],
                ['type' => 'citation', 'attrs' => ['record' => '99']]]]]])."\n0 TRLR\n")->assertOk();
        self::assertEquals([['type' => 'text', 'text' => 'Moll Stair']], Text::query()->firstOrFail()->body['content'][0]['content']);
    }

    public function test_notes_brought_in_wait_until_a_text_sums_them_up(): void
    {
        $this->bringInto("0 HEAD\n1 GEDC\n2 VERS 7.0\n0 @I1@ INDI\n1 NAME Ewan /Tarrel/\n1 DEAT\n2 DATE 1899\n1 NOTE Kept the light.\n"
            ."1 NOTE Drank.\n0 @I2@ INDI\n1 NAME Una /Osk/\n0 TRLR\n")->assertOk();
        $ewan = $this->api('GET', '/texts/waiting')->assertOk()->assertJsonPath('total', 1)->assertJsonPath('people.0.name', 'Ewan Tarrel')
            ->assertJsonPath('people.0.notes', 2)->json('people.0.id');
        self::assertSame(['Kept the light.', 'Drank.'], $this->api('GET', "/people/{$ewan}/callable")->assertOk()->json('notes'));
        $una = (string) DB::table('person_lines')->where('tree_id', $this->tree->id)->where('shown_name', 'Una Osk')->value('person_id');
        $this->api('POST', "/people/{$una}/notes", ['text' => 'A note of our own.'])->assertOk();
        $this->api('GET', '/texts/waiting')->assertJsonPath('total', 1);
        $this->api('POST', '/texts', ['title' => 'Ewan', 'personId' => $ewan, 'body' => ['type' => 'doc', 'content' => []]])->assertOk();
        $this->api('GET', '/texts/waiting')->assertJsonPath('total', 0);
    }

    /** @return array{string, string} a man of whom a text tells, and somebody living */
    private function written(): array
    {
        $ewan = $this->person('Ewan Tarrel h b 1847 d 1910');
        $una = $this->person('Una Lorne w b 3 May 1999');
        $birth = $this->fact($ewan, 'birth')->id;
        $this->api('POST', "/facts/{$birth}/citations", ['sourceId' => $this->source('Register of Hask'), 'locator' => 'p. 4',
            'words' => 'Ewan, son of Magnus'])->assertOk();
        $record = (string) DB::table('records')->where('tree_id', $this->tree->id)->value('id');
        $this->api('POST', '/texts', self::text($ewan, $birth, $record))->assertOk();
        $this->api('POST', '/texts', ['title' => 'Of nobody', 'body' => ['type' => 'doc', 'content' => [
            ['type' => 'paragraph', 'content' => [['type' => 'text', 'text' => "Storms @ the light,\u{a0}1851."]]]]]])->assertOk();

        return [$ewan, $una];
    }

    /** @return list<string> the lines of texts in a file */
    private static function texts(string $file): array
    {
        preg_match_all('/^0 _NB_TEXT.*?(?=^0 )/ms', $file, $found);

        return $found[0];
    }
}
