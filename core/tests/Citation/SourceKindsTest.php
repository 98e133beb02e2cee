<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Citation;

use NorthBough\Core\Citation\KindProblem;
use NorthBough\Core\Citation\NotePattern;
use NorthBough\Core\Citation\PastedWords;
use NorthBough\Core\Citation\SourceKind;
use NorthBough\Core\Citation\SourceKinds;
use NorthBough\Core\Citation\StyledWords;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SourceKindsTest extends TestCase
{
    public function test_there_are_at_least_thirty_and_each_comes_back_from_its_shared_form(): void
    {
        self::assertGreaterThanOrEqual(30, count(SourceKinds::all()));
        foreach (SourceKinds::all() as $kind) {
            self::assertEquals($kind, SourceKind::fromArray($kind->code, json_decode((string) json_encode($kind->toArray()), true)),
                $kind->code);
        }
    }

    /** Every kind of paper that the trade tells apart has one that is found by its everyday word. */
    public function test_everyday_words_find_kinds(): void
    {
        foreach (['church', 'civil', 'census', 'land', 'court', 'will', 'military', 'passenger', 'obituary', 'directory', 'book', 'grave',
            'letter', 'photograph', 'heirloom', 'interview', 'database', 'web page'] as $word) {
            self::assertNotSame([], array_filter(SourceKinds::all(), static fn (SourceKind $kind): bool => $kind->isFoundBy($word)), $word);
        }
    }

    public function test_where_a_record_stands_is_said_by_its_own_fields_in_their_order(): void
    {
        $census = SourceKinds::all()['census-page'];
        self::assertSame(['sheet', 'household', 'page'], array_map(static fn ($field): string => $field->code, $census->ofRecord()));
        self::assertSame('sheet 9, schedule 31',
            $census->locator(['household' => ' schedule 31', 'sheet' => 'sheet 9', 'keeper' => 'Kingdom of Aldane']));
        self::assertSame('', $census->locator(['keeper' => 'Kingdom of Aldane']));
    }

    public function test_two_fields_never_keep_one_code(): void
    {
        $said = ['name' => 'Ledger', 'words' => 'ledger', 'what' => 'A ledger.', 'where' => [], 'form' => [], 'full' => '{title}',
            'short' => '', 'bibliography' => '', 'fields' => array_map(
                static fn (string $code): array => ['code' => $code] + SourceKinds::all()['census-page']->toArray()['fields'][0],
                ['title', 'field3', '', 'field3', 'title'])];
        $codes = array_map(static fn ($field): string => $field->code, SourceKind::fromArray('ledger', $said)->fields);
        self::assertSame(5, count(array_unique($codes)), implode(', ', $codes));
        self::assertSame(['title', 'field3'], array_slice($codes, 0, 2), 'the first that has a code keeps it');
        self::assertNotContains('', $codes);
    }

    /** @return iterable<string, array{string, string}> */
    public static function beginnings(): iterable
    {
        yield 'a word' => ['kirkhaven', 'Kirkhaven'];
        yield 'a letter with a mark' => ['ångs', 'Ångs'];
        yield 'an address' => ['https://isles.example/papers', 'https://isles.example/papers'];
        yield 'an address without its scheme' => ['www.isles.example', 'www.isles.example'];
        yield 'an address of letters' => ['keeper@isles.example', 'keeper@isles.example'];
    }

    #[DataProvider('beginnings')]
    public function test_a_sentence_begins_with_a_capital_and_an_address_stays(string $said, string $begun): void
    {
        self::assertSame("Papers. {$begun}.", self::plain(NotePattern::parse('Papers. {where}.')->set(['where' => $said])));
    }

    public function test_empty_or_full_every_form_is_one_clean_sentence(): void
    {
        foreach (SourceKinds::all() as $kind) {
            foreach ([$kind->full, $kind->short, $kind->bibliography] as $pattern) {
                $examples = [];
                foreach ($kind->fields as $field) {
                    $examples[$field->code] = $field->example ?: 'words';
                }
                $codes = array_keys($examples);
                for ($mask = 0; $mask < 60; $mask++) {
                    $some = array_filter($examples, static fn (string $code): bool => crc32("{$mask} {$code}") % 3 > 0 || $code === 'title',
                        ARRAY_FILTER_USE_KEY);
                    $said = self::plain(NotePattern::parse($pattern)->set($some));
                    self::assertDoesNotMatchRegularExpression('/  |^[,;:. ]|,,|;;|\(\)|\{|\}| ,|,\.$|;\.$/', $said,
                        "{$kind->code}: {$said}");
                }
                self::assertNotSame([], $codes);
            }
        }
    }

    /** @return iterable<string, array{string, array<string, string>, string}> */
    public static function patterns(): iterable
    {
        yield 'left out when empty' => ['*{title}*[, {volume}][ ({years})]', ['title' => 'Register', 'years' => '1813'],
            '_Register_ (1813).'];
        yield 'one inside another' => ['{title}[; seen as {seenAs}[, made from {madeFrom}]]', ['title' => 'Register', 'madeFrom' => 'film'],
            'Register.'];
        yield 'the inner one alone is left out' => ['{title}[; seen as {seenAs}[, made from {madeFrom}]]',
            ['title' => 'Register', 'seenAs' => 'image'],
            'Register; seen as image.'];
        yield 'nothing before it' => ['[{author}, ]*{title}*', ['title' => 'Register'], '_Register_.'];
        yield 'signs that stand for themselves' => ['{title} \\[in part\\]', ['title' => 'Register'], 'Register [in part].'];
        yield 'ends with a stop of its own' => ['{title}[. {years}]', ['title' => 'Who was he?'], 'Who was he?'];
        yield 'a sentence of its own' => ['*{title}*[. {years}], vol. ii', ['title' => 'Register', 'years' => 'manuscript, 1813'],
            '_Register_. Manuscript, 1813, vol. ii.'];
        yield 'no two stops' => ['[{author}. ]{title}', ['author' => 'J. F.', 'title' => 'Notes'], 'J. F. Notes.'];
    }

    /** @param  array<string, string>  $values */
    #[DataProvider('patterns')]
    public function test_patterns(string $pattern, array $values, string $said): void
    {
        self::assertSame($said,
            implode('', array_map(static fn (StyledWords $words): string => $words->style === 'italic' ? "_{$words->text}_" : $words->text,
                NotePattern::parse($pattern)->set($values))));
    }

    /** @return iterable<string, array{string}> */
    public static function broken(): iterable
    {
        yield 'not closed' => ['{title}[, {years}'];
        yield 'not opened' => ['{title}]'];
        yield 'no name' => ['{}'];
        yield 'italics not closed' => ['*{title}'];
    }

    #[DataProvider('broken')]
    public function test_a_broken_pattern_is_refused_in_words(string $pattern): void
    {
        $this->expectException(KindProblem::class);
        NotePattern::parse($pattern);
    }

    public function test_a_form_names_only_fields_that_there_are(): void
    {
        $this->expectExceptionMessage('{volume}');
        SourceKind::fromArray('own',
            ['name' => 'Book', 'full' => '{title}, {volume}', 'fields' => [['code' => 'title', 'label' => 'Title', 'tag' => 'TITL']]]);
    }

    public function test_fields_without_a_tag_and_fields_that_share_one_are_told(): void
    {
        $remarks = implode(' ', SourceKinds::all()['artefact']->remarks());
        self::assertStringContainsString('“Holders in order” goes to no GEDCOM tag', $remarks);
        self::assertStringContainsString('share', implode(' ', SourceKinds::all()['census-index']->remarks()));
    }

    public function test_a_field_can_be_asked_only_when_another_has_a_value(): void
    {
        $kind = SourceKinds::all()['church-register'];
        $asked = static fn (array $values): array => array_map(static fn ($field): string => $field->code, $kind->asked($values));
        self::assertNotContains('madeFrom', $asked([]));
        self::assertContains('madeFrom', $asked(['seenAs' => 'film']));
    }

    /** @return iterable<string, array{string, string}> */
    public static function pasted(): iterable
    {
        yield 'an address twice' => ['Isles Papers, https://isles.example/a : seen at https://isles.example/a',
            'Isles Papers, https://isles.example/a : seen at'];
        yield 'the second in brackets' => ['See https://isles.example/a (https://isles.example/a/).', 'See https://isles.example/a .'];
        yield 'two addresses stay' => ['https://isles.example/a and https://isles.example/b',
            'https://isles.example/a and https://isles.example/b'];
        yield 'spaces' => ["Isles   Papers\u{a0} here", 'Isles Papers here'];
    }

    #[DataProvider('pasted')]
    public function test_what_is_pasted_is_cleaned_of_doubled_links(string $pasted, string $clean): void
    {
        self::assertSame($clean, PastedWords::clean($pasted));
    }

    /** @param  list<StyledWords>  $words */
    private static function plain(array $words): string
    {
        return implode('', array_map(static fn (StyledWords $part): string => $part->text, $words));
    }
}
