<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\DB;
use Symfony\Component\Process\Process;

/** Lives told in prose, and books that are put together and printed. */
final class BooksTest extends TestCase
{
    use WrittenBooks;

    public function test_the_contents_and_the_index_of_a_printed_book_lead_to_the_right_pages(): void
    {
        $pages = $this->pages($this->printed($this->book()));
        $contents = $pages[1];
        $chapters = ['The keeper', 'Descendants of Ewan Tarrel', 'Ancestors of Jean Tarrel', 'Statistics', 'Notes', 'Bibliography',
            'Index of people'];
        foreach ($chapters as $chapter) {
            self::assertMatchesRegularExpression('/^'.preg_quote($chapter, '/').'[ .]+(\d+)$/m', $contents, 'The contents have it.');
            preg_match('/^'.preg_quote($chapter, '/').'[ .]+(\d+)$/m', $contents, $found);
            self::assertStringStartsWith($chapter, ltrim($pages[(int) ($found[1] ?? 0) - 1]), "{$chapter} begins on its page.");
        }
        $index = implode("\n", array_slice($pages, count($pages) - 2));
        foreach (['Tarrel, Jean' => 'Jean', 'Stair, Moll' => 'Moll'] as $entry => $name) {
            self::assertMatchesRegularExpression('/'.$entry.' \([^)]*\) [\d, ]+/', $index);
            preg_match('/'.$entry.' \([^)]*\) ([\d, ]+)/', $index, $found);
            foreach (explode(', ', trim($found[1] ?? '')) as $page) {
                self::assertStringContainsString($name, $pages[(int) $page - 1], "{$entry} is named on page {$page}.");
            }
        }
    }

    public function test_a_printed_book_has_its_fonts_and_its_tags_and_its_notes_numbered_through(): void
    {
        $pdf = $this->printed($this->book());
        $info = self::readBy(['pdfinfo', '-'], $pdf);
        self::assertMatchesRegularExpression('/Tagged:\s+yes/', $info);
        self::assertMatchesRegularExpression('/Title:\s+The Tarrels/', $info);
        foreach (array_slice(explode("\n", trim(self::readBy(['pdffonts', '-'], $pdf))), 2) as $font) {
            self::assertMatchesRegularExpression('/\byes yes yes\b|\byes yes no\b/', $font, 'Every font is in it.');
        }
        $notes = $this->pages($pdf);
        preg_match_all('/^\s*(\d+)\. /m', $notes[count($notes) - 4], $numbers);
        self::assertSame(array_map(strval(...), range(1, count($numbers[1]))), $numbers[1]);
    }

    public function test_a_fact_that_was_changed_since_is_told_as_such_and_a_joined_person_is_found(): void
    {
        [$ewan, $fact, $text] = $this->written();
        $called = fn (): array => $this->api('GET', "/texts/{$text}")->assertOk()->json('facts.0');
        self::assertSame(['fact' => $fact, 'form' => 'when', 'of' => '', 'today' => 'in 1847', 'isThere' => true], $called());

        $this->api('PATCH', "/facts/{$fact}", ['date' => '30 July 1847', 'version' => 1])->assertOk();
        self::assertSame('on 30 July 1847', $called()['today']);
        $this->api('POST', '/journal/undo')->assertOk();
        self::assertSame('in 1847', $called()['today']);

        $other = $this->person('Evan Tarrel h');
        $this->api('POST', "/doubles/{$other}/{$ewan}/join", ['keep' => $other, 'reason' => 'One man.'])->assertOk();
        self::assertSame('in 1847', $called()['today'], 'The fact went over with him.');
        self::assertSame($other, $this->api('GET', "/texts/{$text}")->json('body.content.0.content.0.attrs.person'));
    }

    public function test_a_text_that_cannot_be_read_is_refused_and_a_second_editor_loses_nothing(): void
    {
        [, , $text] = $this->written();
        $body = ['type' => 'doc', 'content' => [['type' => 'script']]];
        $this->api('POST', '/texts', ['title' => 'A page', 'body' => $body])->assertUnprocessable();
        $mine = ['title' => 'Mine', 'body' => ['type' => 'doc'], 'version' => 1];

        $this->api('PUT', "/texts/{$text}", $mine)->assertOk();
        $this->api('PUT', "/texts/{$text}", ['title' => 'Theirs'] + $mine)->assertConflict();
        self::assertSame('Mine', DB::table('texts')->where('id', $text)->value('title'));
    }

    public function test_a_reader_is_told_nothing_of_the_living_by_a_text(): void
    {
        $una = $this->person('Una Osk w b 1999');
        $dead = $this->person('Gavin Osk h b 1800 d 1850');
        $birth = $this->fact($una, 'birth')->id;
        $of = fn (string $about): string => $this->api('POST', '/texts', ['title' => 'A life', 'personId' => $about, 'body' => [
            'type' => 'doc', 'content' => [['type' => 'paragraph', 'content' => [
                ['type' => 'person', 'attrs' => ['person' => $una, 'told' => 'Una Osk']], ['type' => 'text', 'text' => ' of Hask, born '],
                ['type' => 'fact', 'attrs' => ['owner' => $una, 'fact' => $birth, 'form' => 'when', 'told' => 'in 1999']]]]]]])->json('id');
        [$about, $naming] = [$of($una), $of($dead)];
        $reader = $this->account('reader@marren.example');
        DB::table('members')->insert(['tree_id' => $this->tree->id, 'user_id' => $reader->id, 'role' => 'reader']);
        $this->actingAs($reader);

        $this->api('GET', "/texts/{$about}")->assertForbidden();
        self::assertSame([$naming], array_column($this->api('GET', '/texts')->json('texts'), 'id'));
        foreach (["/texts/{$naming}", "/reports/text/{$naming}"] as $address) {
            $read = (string) $this->api('GET', $address)->assertOk()->getContent();
            self::assertStringNotContainsString('Una', $read);
            self::assertStringNotContainsString('1999', $read);
        }
    }

    public function test_what_is_told_of_a_couple_is_withheld_where_one_of_them_is_living(): void
    {
        $gavin = $this->person('Gavin Osk h b 1800 d 1850');
        $this->relative($gavin, 'partner', 'Una Drum w b 1999 m 3 May 2019 Kirkhaven');
        $union = $this->api('GET', "/people/{$gavin}")->json('unions.0.id');
        $wedding = (string) DB::table('events')->where('union_id', $union)->value('id');
        $body = ['type' => 'doc', 'content' => [['type' => 'paragraph', 'content' => [['type' => 'text', 'text' => 'A wedding '],
            ['type' => 'fact', 'attrs' => ['owner' => $union, 'fact' => $wedding, 'form' => 'when', 'of' => $gavin,
                'told' => 'on 3 May 2019']]]]]];
        $of = fn (array $about): string => $this->api('POST', '/texts', ['title' => 'A page', 'body' => $body] + $about)->assertOk()
            ->json('id');
        [$about, $telling] = [$of(['unionId' => $union]), $of(['personId' => $gavin])];
        $reader = $this->account('reader@marren.example');
        DB::table('members')->insert(['tree_id' => $this->tree->id, 'user_id' => $reader->id, 'role' => 'reader']);
        $this->actingAs($reader);

        self::assertSame([$telling], array_column($this->api('GET', '/texts')->json('texts'), 'id'));
        $this->api('GET', "/texts/{$about}")->assertForbidden();
        foreach (["/texts/{$telling}", "/reports/text/{$telling}"] as $address) {
            self::assertStringNotContainsString('2019', (string) $this->api('GET', $address)->assertOk()->getContent());
        }
    }

    public function test_what_can_be_called_in_is_told_in_each_form_in_which_it_says_something(): void
    {
        $ewan = $this->person('Ewan Tarrel h b 1847 Hask Light, Hask');
        $this->relative($ewan, 'partner', 'Moll Stair w m 17 Oct 1888 Kirkhaven');
        $things = $this->api('GET', "/people/{$ewan}/callable")->assertOk()->json();

        self::assertSame(['was born in 1847 at Hask Light, Hask', 'in 1847', 'at Hask Light, Hask', ''],
            array_values(array_slice($things['facts'][0], 4)));
        self::assertSame('married Moll Stair on 17 October 1888 in Kirkhaven', $things['facts'][1]['clause']);
        self::assertSame(['Ewan Tarrel', 'Moll Stair'], array_column($things['people'], 'name'));
    }

    /** @return array{string, string, string} a person, a fact of theirs, and the text that tells it */
    private function written(): array
    {
        $ewan = $this->person('Ewan Tarrel h b 1847 Hask Light, Hask d 1923');
        $source = $this->source('Register of St Osmund');
        $fact = $this->fact($ewan, 'birth')->id;
        $this->api('POST', "/facts/{$fact}/citations", ['sourceId' => $source, 'locator' => 'baptisms 1847'])->assertOk();
        $record = (string) DB::table('records')->where('tree_id', $this->tree->id)->value('id');

        return [$ewan, $fact, (string) $this->api('POST', '/texts', self::text($ewan, $fact, $record))->assertOk()->json('id')];
    }

    private function book(): string
    {
        [$ewan, , $text] = $this->written();
        $this->relative($ewan, 'father', 'Magnus Tarrel b 1818');
        $this->relative($ewan, 'partner', 'Moll Stair w b 1866 d 1941 m 17 Oct 1888 Kirkhaven');
        $union = $this->api('GET', "/people/{$ewan}")->json('unions.0.id');
        $jean = $this->relative($ewan, 'child', 'Jean Tarrel w b 1889 d 1970', $union);
        $chapter = static fn (string $kind, string $report, string $subject): array => ['kind' => $kind, 'title' => '', 'report' => $report,
            'subject' => $subject];

        return (string) $this->api('POST', '/books', ['title' => 'The Tarrels', 'author' => 'Una Fenwhistle', 'chapters' => [
            $chapter('text', '', $text), $chapter('report', 'register', $ewan), $chapter('report', 'ancestors', $jean),
            $chapter('report', 'statistics', 'all')]])->assertOk()
            ->json('id');
    }

    private function printed(string $book): string
    {
        return (string) $this->get("/api/trees/{$this->tree->id}/reports/book/{$book}.pdf")->assertOk()->getContent();
    }

    /** @return list<string> the words of each page */
    private function pages(string $pdf): array
    {
        return explode("\f", rtrim(self::readBy(['pdftotext', '-layout', '-', '-'], $pdf), "\f"));
    }

    /** @param  list<string>  $command */
    private static function readBy(array $command, string $input): string
    {
        return (new Process($command, input: $input))->mustRun()->getOutput();
    }
}
