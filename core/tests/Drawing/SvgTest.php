<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Drawing;

use NorthBough\Core\Drawing\Boxes\Box;
use NorthBough\Core\Drawing\Boxes\BoxLayout;
use NorthBough\Core\Drawing\Boxes\BoxSetting;
use NorthBough\Core\Drawing\Boxes\Line;
use NorthBough\Core\Drawing\Render\Svg;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A scene as a file that any program for drawings opens: well formed whatever somebody is called, and nothing in it runs. */
final class SvgTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function names(): iterable
    {
        yield 'a plain name' => ['Ewan Tarrel'];
        yield 'marks of the language' => ['<script>alert("1")</script> & \'Osk\''];
        yield 'the end of character data' => [']]> &amp; <![CDATA['];
        yield 'a sign that the language forbids' => ["Una\x0BOsk\x01"];
        yield 'bytes that are no letters' => ["Una\xFFOsk"];
        yield 'another script' => ['Уна Оск 宇納 أونا'];
        yield 'ninety letters' => [str_repeat('Halloway-', 10)];
        yield 'nothing' => [''];
    }

    #[DataProvider('names')]
    public function test_it_is_well_formed_and_holds_every_name_as_text(string $name): void
    {
        $box = new Box('p1', 1, 10, 20, 160, 60, [$name], ['1847–1923'], $name, 'cited');
        $svg = self::svg('Ancestors of '.$name, 400, 300, [$box], [new Line([[0.0, 0.0], [10.5, 20.25]], true, 'a', 'b')]);
        $document = new \DOMDocument;

        self::assertTrue($document->loadXML($svg, LIBXML_NONET));
        self::assertSame(0, $document->getElementsByTagName('script')->length);
        foreach ($document->getElementsByTagName('*') as $element) {
            foreach ($element->attributes as $attribute) {
                self::assertStringStartsNotWith('on', $attribute->name);
            }
        }
        $shown = mb_scrub(preg_replace('/[\x00-\x08\x0B\x0C\x0E-\x1F]/', "\u{FFFD}", $name) ?? '', 'UTF-8');
        $texts = [];
        foreach ($document->getElementsByTagName('text') as $text) {
            $texts[] = $text->textContent;
        }
        self::assertContains(str_replace('?', "\u{FFFD}", $shown),
            array_map(static fn (string $t): string => str_replace('?', "\u{FFFD}", $t), $texts));
    }

    public function test_a_line_that_is_not_proved_is_dotted_and_a_rule_says_how_far_it_is_cited(): void
    {
        $box = static fn (string $id, string $rule): Box => new Box($id, 1, 0, 0, 100, 40, ['x'], [], 'x', $rule);
        $svg = self::svg('t', 100, 100, [$box('a', 'cited'), $box('b', 'partly'), $box('c', 'uncited')],
            [new Line([[0.0, 0.0], [1.0, 1.0]], false, 'a', 'b'), new Line([[0.0, 0.0], [2.0, 1.0]], true, 'a', 'b')]);

        preg_match_all('/<polyline points="([^"]+)"[^>]*?(stroke-dasharray="[^"]+")?\/>/', $svg, $lines, PREG_SET_ORDER);
        self::assertSame([['0,0 1,1', ''], ['0,0 2,1', 'stroke-dasharray="2 4"']],
            array_map(static fn (array $m): array => [$m[1], $m[2] ?? ''], $lines));
        preg_match_all('/stroke-width="2" stroke-dasharray="([^"]+)"/', $svg, $rules);
        self::assertSame(['none', '7 4', '1.5 4'], $rules[1]);
    }

    public function test_an_empty_scene_is_a_drawing_too(): void
    {
        $document = new \DOMDocument;
        self::assertTrue($document->loadXML(self::svg('Nobody', 0, 0, [], [])));
        self::assertSame('0 0 0 20', $document->documentElement?->getAttribute('viewBox'));
    }

    /**
     * @param  list<Box>  $boxes
     * @param  list<Line>  $lines
     */
    private static function svg(string $title, float $width, float $height, array $boxes, array $lines): string
    {
        return Svg::render(BoxSetting::scene(new BoxLayout($title, $width, $height, $boxes, $lines)));
    }
}
