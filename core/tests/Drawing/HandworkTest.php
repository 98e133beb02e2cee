<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Drawing;

use NorthBough\Core\Drawing\AncestorDrawing;
use NorthBough\Core\Drawing\Boxes\BoxLayout;
use NorthBough\Core\Drawing\Boxes\BoxSetting;
use NorthBough\Core\Drawing\Cast\Toward;
use NorthBough\Core\Drawing\Drawings;
use NorthBough\Core\Drawing\Handwork\Brought;
use NorthBough\Core\Drawing\Handwork\Handwork;
use NorthBough\Core\Drawing\Handwork\Move;
use NorthBough\Core\Drawing\Handwork\Note;
use NorthBough\Core\Drawing\Handwork\SetPicture;
use NorthBough\Core\Drawing\Handwork\StoredHandwork;
use NorthBough\Core\Drawing\KindredDrawing;
use NorthBough\Core\Drawing\Scene\TextStyle;
use NorthBough\Core\Presentation\Subject;
use NorthBough\Core\Tests\Tree\Isles;
use PHPUnit\Framework\TestCase;

/** The hand's work lies over what is computed: it stays beside its kin, and the machine makes room for it. */
final class HandworkTest extends TestCase
{
    use ReadsScenes;

    public function test_ten_boxes_keep_their_place_beside_their_kin_when_a_generation_comes_in_above_and_a_child_at_the_left(): void
    {
        $before = self::kindred(self::family(), new Handwork);
        $moved = ['c1', 'c2', 'c3', 'g1', 'g2', 'g3', 'wife', 'second', 'uncle', 'cousin'];
        $moves = [];
        foreach ($moved as $at => $id) {
            $moves[$id] = new Move(14.0 * ($at - 5), 9.0 * ($at % 4));
        }
        $byHand = self::kindred(self::family(), new Handwork(moves: $moves));
        $grown = self::family()->person('great', 'Great Grand h')->person('c0', 'First Born h')
            ->union('u0', ['great'], ['grandfather'])->union('u1', ['man', 'wife'], ['c0', 'c1', 'c2', 'c3']);
        $after = self::kindred($grown, new Handwork(moves: $moves));
        $computed = self::kindred($grown, new Handwork);

        self::assertCount(count($before->boxes) + 2, $after->boxes);
        foreach ([[$before, $byHand], [$computed, $after]] as [$machine, $hand]) {
            foreach ($moved as $id) {
                $kin = self::$beside[$id];
                $shift = static fn (BoxLayout $layout): array => [self::byPerson($layout)[$id]->x - self::byPerson($layout)[$kin]->x,
                    self::byPerson($layout)[$id]->y - self::byPerson($layout)[$kin]->y];
                self::assertEqualsWithDelta([$shift($machine)[0] + $moves[$id]->x, $shift($machine)[1] + $moves[$id]->y], $shift($hand),
                    0.01,
                    "{$id} beside {$kin}");
            }
        }
        self::assertSame($moved, array_values(array_intersect($moved, array_column(array_filter($after->boxes,
            static fn ($box): bool => $box->isByHand), 'personId'))));
    }

    public function test_the_machine_goes_out_of_the_way_of_the_hand(): void
    {
        $plain = self::byPerson(self::kindred(self::family(), new Handwork));
        $onto = new Move($plain['c3']->x - $plain['uncle']->x, $plain['c3']->y - $plain['uncle']->y);

        $layout = self::kindred(self::family(), new Handwork(moves: ['uncle' => $onto]));
        self::assertNoOverlap($layout);
        self::assertEqualsWithDelta($plain['c3']->y, self::byPerson($layout)['uncle']->y, 0.01);
    }

    public function test_two_that_the_hand_put_over_each_other_are_marked(): void
    {
        $plain = self::byPerson(self::kindred(self::family(), new Handwork));
        $layout = self::kindred(self::family(), new Handwork(moves: [
            'c1' => new Move(0, 0), 'g1' => new Move($plain['c1']->x - $plain['g1']->x + 9, $plain['c1']->y - $plain['g1']->y + 9)]));
        $areas = array_column(BoxSetting::scene($layout)->people(), null, 'personId');

        self::assertStringContainsString('overlaps Child One', $areas['g1']->aloud);
        self::assertStringContainsString('overlaps Grandchild One', $areas['c1']->aloud);
        self::assertStringNotContainsString('overlaps', $areas['c2']->aloud);
    }

    public function test_whoever_is_hidden_is_not_drawn_and_a_hidden_branch_takes_with_it_whom_it_alone_leads_to(): void
    {
        $ids = static fn (Handwork $handwork): array => array_column(self::kindred(self::family(), $handwork)->boxes, 'personId');
        $all = $ids(new Handwork);

        self::assertEqualsCanonicalizing(['c2'], array_diff($all, $ids(new Handwork(hidden: ['c2']))));
        self::assertEqualsCanonicalizing(['c1', 'g1', 'g2', 'g3', 'inlaw'], array_diff($all, $ids(new Handwork(hiddenBranches: ['c1']))));
        self::assertEqualsCanonicalizing(['c1'], array_diff($all, $ids(new Handwork(hidden: ['c1']))));
        $box = self::byPerson(self::kindred(self::family(), new Handwork(hidden: ['c2'])))['man'];
        self::assertSame(['1 child hidden'], self::stops($box));
    }

    public function test_a_line_that_stops_goes_on_where_it_was_asked_to(): void
    {
        $lay = static fn (Handwork $handwork): BoxLayout => (new AncestorDrawing(2))->lay(self::family()->tree(), Subject::person('g1'),
            $handwork);

        self::assertSame(['2 parents not drawn'], self::stops(self::byPerson($lay(new Handwork))['c1']));
        $layout = $lay(new Handwork(brought: [new Brought('c1', Toward::Parents), new Brought('man', Toward::Parents)]));
        self::assertEqualsCanonicalizing(['g1', 'c1', 'inlaw', 'man', 'wife', 'grandfather'], array_column($layout->boxes, 'personId'));
        self::assertSame([], self::stops(self::byPerson($layout)['c1']));
        self::assertNoOverlap($layout);
    }

    public function test_notes_and_pictures_stand_beside_their_people_and_wait_where_these_are_not_drawn(): void
    {
        $handwork = new Handwork('For the wall', notes: [new Note('c2', 5, 60, "Went to sea\nand came back"), new Note('nobody', 0, 0,
            'waits')],
            pictures: [new SetPicture('c2', 0, 120, 80, 60, 'm1')]);
        $scene = Drawings::drawn(new KindredDrawing(1, 2), self::family()->tree(), Subject::people(['man']), $handwork);
        $box = array_column($scene->people(), null, 'personId')['c2'];
        $notes = array_values(array_filter($scene->texts, static fn ($text): bool => $text->style === TextStyle::Note));

        self::assertSame('For the wall', $scene->title);
        self::assertSame(['Went to sea', 'and came back'], array_column($notes, 'words'));
        self::assertSame($box->x + 5, $notes[0]->x);
        self::assertGreaterThan($box->y + 60, $notes[0]->y);
        self::assertSame([$box->x, $box->y + 120, 'm1'], [$scene->pictures[0]->x, $scene->pictures[0]->y,
            $scene->pictures[0]->cut->mediaId]);
        self::assertGreaterThanOrEqual($box->y + 180, $scene->height);
    }

    public function test_it_is_stored_and_read_the_same_whoever_somebody_became(): void
    {
        $handwork = new Handwork('T', ['a' => new Move(1.5, -2)], ['b'], ['c'], [new Brought('a', Toward::Children)],
            [new Note('a', 1, 2, 'words')], [new SetPicture('b', 1, 2, 30, 40, 'm')]);
        $stored = json_decode((string) json_encode(StoredHandwork::written($handwork)), true);

        self::assertIsArray($stored);
        self::assertEquals($handwork, StoredHandwork::read($stored, static fn (string $id): string => $id));
        $joined = StoredHandwork::read($stored, static fn (string $id): string => $id === 'a' ? 'z' : $id);
        self::assertEquals(['z' => new Move(1.5, -2)], $joined->moves);
        self::assertSame('z', $joined->notes[0]->personId);
    }

    public function test_what_cannot_be_understood_is_left_out(): void
    {
        $read = StoredHandwork::read(['title' => ['x'], 'moves' => [['personId' => 'a', 'x' => 'far', 'y' => 1e12], 'b', 7],
            'brought' => [['personId' => 'a', 'toward' => 'sideways']], 'hidden' => [['a'], 'b', 4], 'notes' => 'none'],
            static fn (string $id): string => $id);

        self::assertEquals(new Handwork('', ['a' => new Move(0, StoredHandwork::FURTHEST)], ['b']), $read);
    }

    /** @var array<string, string> the box that each box hangs on, going out from the man */
    private static array $beside = ['c1' => 'man', 'c2' => 'man', 'c3' => 'man', 'g1' => 'c1', 'g2' => 'c1', 'g3' => 'c1', 'wife' => 'man',
        'second' => 'man', 'uncle' => 'grandfather', 'cousin' => 'uncle'];

    private static function kindred(Isles $isles, Handwork $handwork): BoxLayout
    {
        return (new KindredDrawing(2, 2))->lay($isles->tree(), Subject::people(['man']), $handwork);
    }

    private static function family(): Isles
    {
        return (new Isles)->person('man', 'The Man h')->person('wife', 'First Wife w')->person('second', 'Second Wife w')
            ->person('grandfather', 'Grand Father h')->person('uncle', 'An Uncle h')->person('cousin', 'A Cousin w')
            ->person('c1', 'Child One h')->person('c2', 'Child Two w')->person('c3', 'Child Three h')->person('inlaw', 'In Law w')
            ->person('g1', 'Grandchild One h')->person('g2', 'Grandchild Two w')->person('g3', 'Grandchild Three h')
            ->union('u1', ['man', 'wife'], ['c1', 'c2', 'c3'])->union('u2', ['man', 'second'], [])
            ->union('u3', ['grandfather'], ['man', 'uncle'])->union('u4', ['uncle'], ['cousin'])
            ->union('u5', ['c1', 'inlaw'], ['g1', 'g2', 'g3']);
    }
}
