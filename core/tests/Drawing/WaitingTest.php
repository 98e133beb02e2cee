<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Drawing;

use NorthBough\Core\Drawing\AncestorDrawing;
use NorthBough\Core\Drawing\Boxes\BoxContents;
use NorthBough\Core\Drawing\Boxes\PersonBox;
use NorthBough\Core\Drawing\FanDrawing;
use NorthBough\Core\Drawing\Render\Outward;
use NorthBough\Core\Drawing\Render\PictureSource;
use NorthBough\Core\Drawing\Render\Svg;
use NorthBough\Core\Drawing\Scene\HitArea;
use NorthBough\Core\Drawing\Scene\Picture;
use NorthBough\Core\Drawing\Scene\Scene;
use NorthBough\Core\Drawing\Scene\Text;
use NorthBough\Core\Presentation\Subject;
use NorthBough\Core\Tests\Tree\Isles;
use NorthBough\Core\Tree\ParentageKind;
use NorthBough\Core\Tree\PersonAside;
use NorthBough\Core\Tree\PictureCut;
use NorthBough\Core\Tree\PlacingState;
use NorthBough\Core\Tree\Snapshot;
use PHPUnit\Framework\TestCase;

/** What a box tells at a glance of what waits, and the portrait in it. */
final class WaitingTest extends TestCase
{
    public function test_questions_unplaced_names_and_several_sets_of_parents_are_counted_in_the_box(): void
    {
        $words = self::words((new AncestorDrawing)->draw(self::family(), Subject::person('ada')));

        self::assertContains('2 questions · 1 name unplaced · 2 sets of parents', $words['ada']);
        self::assertContains('1 question', $words['ewan']);
        self::assertSame([], array_filter($words['moll'], static fn (string $line): bool => str_contains($line, 'question')));
    }

    public function test_they_are_read_aloud_and_can_be_switched_off(): void
    {
        $aloud = array_column((new AncestorDrawing)->draw(self::family(), Subject::person('ada'))->areas, 'aloud', 'personId');
        self::assertStringContainsString('2 questions · 1 name unplaced · 2 sets of parents', $aloud['ada']);

        $quiet = (new AncestorDrawing(contents: new BoxContents(waiting: false)))->draw(self::family(), Subject::person('ada'));
        self::assertNotContains('1 question', self::words($quiet)['ewan']);
    }

    public function test_a_fan_tells_it_too(): void
    {
        $words = self::words((new FanDrawing)->draw(self::family(), Subject::person('ada')));
        self::assertContains('1 question', $words['ewan']);
        self::assertStringContainsString('2 questions', implode('|', $words['ada']));

        $quiet = (new FanDrawing(waiting: false))->draw(self::family(), Subject::person('ada'));
        self::assertNotContains('1 question', self::words($quiet)['ewan']);
    }

    public function test_a_portrait_stands_in_the_box_only_where_it_is_asked_for(): void
    {
        $without = (new AncestorDrawing)->draw(self::family(), Subject::person('ada'));
        self::assertSame([], array_merge(...array_column($without->areas, 'pictures')));

        $with = (new AncestorDrawing(contents: new BoxContents(portraits: true)))->draw(self::family(), Subject::person('ada'));
        $pictured = array_values(array_filter($with->areas, static fn (HitArea $area): bool => $area->pictures !== []));
        self::assertSame(['ewan'], array_column($pictured, 'personId'));
        $picture = $pictured[0]->pictures[0];
        self::assertSame('m1', $picture->cut->mediaId);
        self::assertGreaterThanOrEqual($pictured[0]->x, $picture->x);
        self::assertLessThanOrEqual($pictured[0]->y + $pictured[0]->height, $picture->y + $picture->height);
        foreach ($pictured[0]->texts as $text) {
            self::assertGreaterThanOrEqual($picture->x + $picture->width, $text->x, "“{$text->words}” stands beside the portrait.");
        }
    }

    public function test_a_portrait_makes_its_box_as_large_as_it_needs(): void
    {
        $person = (new Isles)->person('wat', 'Wat Drum')->of('wat');
        $contents = new BoxContents([], portraits: true);
        [$plain, $pictured] = [PersonBox::of($person, $contents), PersonBox::of($person, $contents, portrait: new PictureCut('m1'))];

        self::assertGreaterThan($plain->width, $pictured->width);
        self::assertGreaterThan($plain->height, $pictured->height);
    }

    public function test_a_file_holds_the_pictures_that_may_be_seen(): void
    {
        $scene = (new AncestorDrawing(contents: new BoxContents(portraits: true)))->draw(self::family(), Subject::person('ada'));
        $source = static fn (string $address): PictureSource => new class($address) implements PictureSource
        {
            public function __construct(private readonly string $address)
            {
            }

            public function address(Picture $picture): string
            {
                return $this->address;
            }
        };

        self::assertSame(1, substr_count(Svg::render($scene, new Outward('', $source('data:image/jpeg;base64,AA=='))), '<image '));
        self::assertSame(0, substr_count(Svg::render($scene, new Outward('', $source(''))), '<image '));
        self::assertSame(0, substr_count(Svg::render($scene), '<image '));
    }

    private static function family(): Snapshot
    {
        return (new Isles)->person('ada', 'Ada Tarrel w')->person('ewan', 'Ewan Tarrel h b 1847')->person('moll', 'Moll Stair w')
            ->person('wat', 'Wat Drum h')
            ->union('1', ['ewan', 'moll'], ['ada'])->union('2', ['wat'], ['ada'], kind: ParentageKind::Adoptive)
            ->aside('ada', new PersonAside(null, 2))->aside('ewan', new PersonAside(new PictureCut('m1', 0, 0.1, 0.1, 0.3, 0.4), 1))
            ->placing('ada', PlacingState::Probable)->placing('ada', PlacingState::Placed)->placing('ada', PlacingState::Refused)
            ->tree();
    }

    /** @return array<string, list<string>> what is printed in each box, by person */
    private static function words(Scene $scene): array
    {
        $words = [];
        foreach ($scene->people() as $area) {
            $words[$area->personId] = array_map(static fn (Text $text): string => $text->words, $area->texts);
        }

        return $words;
    }
}
