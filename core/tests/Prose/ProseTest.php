<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Prose;

use NorthBough\Core\Citation\StyledWords;
use NorthBough\Core\Prose\CitationCall;
use NorthBough\Core\Prose\FactCall;
use NorthBough\Core\Prose\FactForm;
use NorthBough\Core\Prose\FactsToday;
use NorthBough\Core\Prose\ProseProblem;
use NorthBough\Core\Prose\ProseReader;
use NorthBough\Core\Report\Document;
use NorthBough\Core\Report\Node\Entry;
use NorthBough\Core\Report\ProseBlocks;
use NorthBough\Core\Report\RunningText;
use NorthBough\Core\Tests\Tree\Isles;
use NorthBough\Core\Tree\CitedEvidence;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ProseTest extends TestCase
{
    public function test_a_text_is_printed_with_its_facts_people_and_notes(): void
    {
        $text = ProseReader::read(self::document([
            self::node('heading', ['level' => 1], [self::text('The keeper')]),
            self::paragraph([self::node('person', ['person' => 'ewan', 'told' => 'Ewan Tarrel']), self::text(' died '),
                self::node('fact', ['owner' => 'ewan', 'fact' => 'death-ewan', 'form' => 'when', 'told' => 'on 3 May 1799']),
                self::text('.'),
                self::node('citation', ['record' => 'r1']), self::text(' So says the stone.'), self::node('citation', ['record' => 'r2']),
                self::text(' And the book again.'), self::node('citation', ['record' => 'r1'])]),
            self::node('researchNote', [], [self::paragraph([self::text('Look for the will.')])]),
        ]));
        $running = RunningText::begun();
        $cited = ['r1' => self::cited('r1', 'burials'), 'r2' => self::cited('r2', 'a stone')];
        $blocks = (new ProseBlocks($running, $cited, false))->of($text);

        self::assertSame(['The keeper', 'Ewan Tarrel died on 3 May 1799. So says the stone. And the book again.'],
            array_map(static fn ($block): string => StyledWords::textOf(Document::wordsOf($block)), $blocks));
        self::assertSame([1, 2, 1], array_values(array_filter(array_map(static fn (StyledWords $part): int => $part->note,
            Document::wordsOf($blocks[1])))));
        self::assertCount(2, $running->notes->notes());
        self::assertCount(3, (new ProseBlocks($running, $cited, true))->of($text), 'Research notes are printed where that is asked.');
    }

    public function test_items_of_lists_count_on_and_lists_within_them_begin_anew(): void
    {
        $item = static fn (string $words, array ...$more): array => self::node('listItem', [],
            array_values([self::paragraph([self::text($words)]), ...$more]));
        $list = static fn (array ...$items): array => self::node('orderedList', [], array_values($items));
        $text = ProseReader::read(self::document([
            $list($item('a', $list($item('b'), $item('c'))), $item('d', $list($item('e')))), self::paragraph([self::text('between')]),
            $list($item('f')),
        ]));
        $marks = array_map(static fn ($block): string => $block instanceof Entry ? "{$block->mark}{$block->depth}" : '',
            (new ProseBlocks(RunningText::begun(), [], false))->of($text));

        self::assertSame(['1.0', '1.1', '2.1', '2.0', '1.1', '', '1.0'], $marks);
    }

    public function test_a_fact_that_was_changed_is_told_in_other_words_today(): void
    {
        $call = static fn (FactForm $form, string $fact = 'death-ewan', string $owner = 'ewan'): FactCall => new FactCall($owner, $fact,
            $form, 'then');
        $tree = (new Isles)->person('ewan', 'Ewan Tarrel h b 1732 d 3 May 1799 at Gannet Stair, Hask')->person('annot', 'Annot Ibsley w')
            ->union('u', ['ewan', 'annot'], [], '4 Jun 1758 St Bregan, Great Marren')->tree();
        $today = FactsToday::of($tree, [$call(FactForm::When), $call(FactForm::Clause, 'marriage-u', 'u')]);

        self::assertSame('on 3 May 1799', $today->words($call(FactForm::When)));
        self::assertSame('at Gannet Stair, Hask', $today->words($call(FactForm::Where)));
        self::assertSame('died on 3 May 1799 at Gannet Stair, Hask, aged 66 or 67', $today->words($call(FactForm::Clause)));
        self::assertSame('married Annot Ibsley on 4 June 1758 at St Bregan, Great Marren', $today->words($call(FactForm::Clause,
            'marriage-u', 'u')));
        self::assertSame('married Ewan Tarrel on 4 June 1758 at St Bregan, Great Marren',
            $today->words(new FactCall('u', 'marriage-u', FactForm::Clause, '', 'annot')), 'Of her it is told that she married him.');
        self::assertSame('', $today->words($call(FactForm::When, 'gone')));
        self::assertFalse($today->isThere($call(FactForm::When, 'gone')));
    }

    /** @return iterable<string, array{array<mixed>, string}> */
    public static function refused(): iterable
    {
        yield 'a block that there is not' => [self::document([['type' => 'script']]), 'A text has no part of the kind “script”.'];
        yield 'a part that there is not' => [self::document([self::paragraph([['type' => 'image']])]), '“image”'];
        yield 'a mark that there is not' => [self::document([self::paragraph([['type' => 'text', 'text' => 'a',
            'marks' => [['type' => 'link']]]])]),
            '“link”'];
        yield 'a fact of nobody' => [self::document([self::paragraph([self::node('fact', ['fact' => 'f', 'form' => 'when'])])]),
            'does not say its owner'];
        yield 'a fact in no form' => [self::document([self::paragraph([self::node('fact', ['owner' => 'o', 'fact' => 'f',
            'form' => 'x'])])]), 'its form'];
        $deep = self::paragraph([self::text('a')]);
        foreach (range(1, 9) as $level) {
            $deep = self::node('blockquote', [], [$deep]);
        }
        yield 'too deep' => [self::document([$deep]), 'too deeply'];
    }

    /** @param  array<mixed>  $document */
    #[DataProvider('refused')]
    public function test_what_it_does_not_know_is_refused_in_words(array $document, string $says): void
    {
        $this->expectException(ProseProblem::class);
        $this->expectExceptionMessage($says);

        ProseReader::read($document);
    }

    public function test_words_are_counted_with_the_facts_and_an_empty_text_has_none(): void
    {
        $text = ProseReader::read(self::document([self::paragraph([self::text('He died '),
            self::node('fact', ['owner' => 'o', 'fact' => 'f', 'form' => 'when', 'told' => 'on 3 May 1799'])])]));

        self::assertSame(6, $text->words());
        self::assertSame(0, ProseReader::read(['type' => 'doc'])->words());
        self::assertSame([], $text->parts(CitationCall::class));
    }

    private static function cited(string $record, string $locator): CitedEvidence
    {
        return new CitedEvidence("claim-{$record}", $record, Isles::register(), $locator, '');
    }

    /**
     * @param  list<array<mixed>>  $content
     * @return array<mixed>
     */
    private static function document(array $content): array
    {
        return ['type' => 'doc', 'content' => $content];
    }

    /**
     * @param  array<string, mixed>  $attributes
     * @param  list<array<mixed>>  $content
     * @return array<mixed>
     */
    private static function node(string $type, array $attributes, array $content = []): array
    {
        return ['type' => $type, 'attrs' => $attributes, 'content' => $content];
    }

    /**
     * @param  list<array<mixed>>  $content
     * @return array<mixed>
     */
    private static function paragraph(array $content): array
    {
        return ['type' => 'paragraph', 'content' => $content];
    }

    /** @return array<mixed> */
    private static function text(string $text): array
    {
        return ['type' => 'text', 'text' => $text];
    }
}
