<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Report;

use NorthBough\Core\Citation\StyledWords;
use NorthBough\Core\Report\Document;
use NorthBough\Core\Report\Node\Block;
use NorthBough\Core\Report\Node\Heading;
use NorthBough\Core\Report\Node\NoteList;
use NorthBough\Core\Report\Node\Paragraph;
use NorthBough\Core\Report\Node\Table;
use NorthBough\Core\Report\Render\Html;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A document as a page: each part as its element, and no word that was typed is ever taken for a mark of the page. */
final class HtmlTest extends TestCase
{
    /** @return iterable<string, array{Block, string}> */
    public static function parts(): iterable
    {
        yield 'a heading' => [new Heading(2, [StyledWords::name('Ewan Tarrel')]), "<h2><span class=\"name\">Ewan Tarrel</span></h2>\n"];
        yield 'words in every style' => [
            new Paragraph([StyledWords::plain('a '), StyledWords::italic('b'), StyledWords::name('c'), StyledWords::faint('d')]),
            "<p>a <i>b</i><span class=\"name\">c</span><span class=\"faint\">d</span></p>\n",
        ];
        yield 'a mark of a note' => [new Paragraph([StyledWords::plain('born'), StyledWords::noteMark(12)]),
            "<p>born\u{2060}<sup><a id=\"mark-12\" href=\"#note-12\">12</a></sup></p>\n"];
        yield 'a table' => [
            new Table('Roll', ['', 'Name'], [[[StyledWords::plain('1')], [StyledWords::plain('Una')]]]),
            "<table><caption>Roll</caption>\n<thead><tr><th scope=\"col\"></th><th scope=\"col\">Name</th></tr></thead>\n<tbody>\n"
                .'<tr><td class="short">1</td><td>Una</td></tr>'."\n</tbody></table>\n",
        ];
        yield 'a table without rows' => [new Table('Roll', ['Name'], []),
            "<table><caption>Roll</caption>\n<thead><tr><th scope=\"col\">Name</th></tr></thead>\n<tbody>\n</tbody></table>\n"];
        yield 'notes' => [
            new NoteList('Notes', [[StyledWords::plain('Register')], [StyledWords::italic('Will')]]),
            "<h2 id=\"notes\">Notes</h2>\n<ol class=\"notes\">\n"
                ."<li id=\"note-1\">Register</li>\n<li id=\"note-2\"><i>Will</i></li>\n</ol>\n",
        ];
        yield 'no notes, no heading' => [new NoteList('Notes', []), ''];
    }

    #[DataProvider('parts')]
    public function test_each_part_as_its_element(Block $block, string $html): void
    {
        self::assertSame($html, (new Html)->body(new Document('A title', 'A foot', [$block])));
    }

    /** @return iterable<string, array{string}> */
    public static function hostile(): iterable
    {
        yield 'an element' => ['<script>alert(1)</script>'];
        yield 'the end of an attribute' => ['" onmouseover="alert(1)'];
        yield 'a single quote' => ["' onload='x"];
        yield 'an entity' => ['&lt;b&gt;'];
        yield 'the end of the style sheet' => ['</style><b>'];
        yield 'a comment' => ['<!-- -->'];
        yield 'bytes that are no letters' => ["Una\xFF\xC3 Osk"];
        yield 'a foot of letters' => ["a\u{0000}b"];
    }

    #[DataProvider('hostile')]
    public function test_typed_words_stay_words_wherever_they_stand(string $typed): void
    {
        $styles = [StyledWords::plain(...), StyledWords::italic(...), StyledWords::name(...), StyledWords::faint(...)];
        $blocks = [new Heading(1, array_map(static fn (\Closure $style): StyledWords => $style($typed), $styles)),
            new Table($typed, [$typed], [[[StyledWords::plain($typed)]]]), new NoteList($typed, [[StyledWords::plain($typed)]])];
        $page = Html::page(new Document($typed, $typed, $blocks), 'p { margin: 0 }');
        $tags = preg_match_all('/<[^>]*>/', $page, $found);
        $plain = Html::page(
            new Document('x', 'x',
                [new Heading(1, array_map(static fn (\Closure $style): StyledWords => $style('x'), $styles)),
                    new Table('x', ['x'], [[[StyledWords::plain('x')]]]), new NoteList('x', [[StyledWords::plain('x')]])]),
            'p { margin: 0 }');

        self::assertSame(preg_match_all('/<[^>]*>/', $plain, $meant), $tags);
        self::assertSame($meant[0], $found[0], 'The elements are those of the page and no others.');
        self::assertTrue(mb_check_encoding($page, 'UTF-8'));
        self::assertStringStartsWith("<!doctype html>\n<html lang=\"en\">", $page);
    }
}
