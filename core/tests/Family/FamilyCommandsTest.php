<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Family;

use NorthBough\Core\Family\ChangesInWords;
use NorthBough\Core\Family\Command\AddChild;
use NorthBough\Core\Family\Command\AddParent;
use NorthBough\Core\Family\Command\AddParentOfRecord;
use NorthBough\Core\Family\Command\AddPartner;
use NorthBough\Core\Family\Command\AddSibling;
use NorthBough\Core\Family\Command\MergePeople;
use NorthBough\Core\Family\Command\MoveChild;
use NorthBough\Core\Family\Command\NamePartner;
use NorthBough\Core\Family\Command\OrderChildren;
use NorthBough\Core\Family\Command\ReplacePartner;
use NorthBough\Core\Family\Command\SettleSet;
use NorthBough\Core\Family\Command\StandPartner;
use NorthBough\Core\Family\Command\UnlinkEverybody;
use NorthBough\Core\Family\Command\UnlinkParents;
use NorthBough\Core\Family\FamilyCommand;
use NorthBough\Core\Family\FamilyProblem;
use NorthBough\Core\Family\FamilyRefused;
use NorthBough\Core\Family\ParentRuling;
use NorthBough\Core\Tree\ParentageKind;
use NorthBough\Core\Tree\Standing;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What the commands about families change, on families worked out by hand. */
final class FamilyCommandsTest extends TestCase
{
    private const BIRTH = ParentageKind::Birth;

    public function test_two_parents_named_one_after_the_other_are_a_couple_with_one_set(): void
    {
        $world = $this->world();
        $world->do(new AddParent('kit', 'bran', self::BIRTH));
        $world->do(new AddParent('kit', 'Ann', self::BIRTH));
        self::assertSame(['bran+Ann: kit'], $world->couples());
        self::assertSame(['*birth: Ann, bran'], $world->parents('kit'));

        $world->do(new AddParent('kit', 'tam', ParentageKind::Adoptive));
        self::assertSame(['*birth: Ann, bran', 'adoptive: tam'], $world->parents('kit'));
        self::assertSame(FamilyProblem::TwoParentsByBirth, $this->refused($world, new AddParent('kit', 'dan', self::BIRTH)));
        $world->do(new AddParent('kit', 'dan', self::BIRTH, Standing::Rival));
        self::assertSame(['*birth: Ann, bran', 'adoptive: tam', 'birth: dan rival'], $world->parents('kit'));
    }

    public function test_a_parent_of_a_record_joins_the_couple_that_is_known(): void
    {
        $world = $this->world();
        $couple = $world->do(new AddPartner('bran', 'Ann'));
        $world->do(new AddParentOfRecord('kit', 'bran'));
        self::assertSame(['bran+Ann:', 'bran: kit'], $world->couples());
        self::assertSame($couple, $world->do(new AddParentOfRecord('kit', 'Ann')));
        self::assertSame(['bran+Ann: kit'], $world->couples(), 'The couple that was begun for the child alone is gone.');
    }

    public function test_a_child_is_put_to_the_couple_that_is_meant(): void
    {
        $world = $this->world();
        $one = $world->do(new AddPartner('bran', 'Ann'));
        $world->do(new AddPartner('bran', 'Eve'));
        self::assertSame(FamilyProblem::WhichCouple, $this->refused($world, new AddChild('bran', 'kit', '', self::BIRTH)));
        $world->do(new AddChild('bran', 'kit', $one, self::BIRTH));
        $world->do(new AddSibling('kit', 'Una'));
        self::assertSame(['bran+Ann: kit Una', 'bran+Eve:'], $world->couples());
        self::assertSame(FamilyProblem::OwnAncestor, $this->refused($world, new AddChild('kit', 'bran', '', self::BIRTH)));
        self::assertSame(FamilyProblem::NotTheirCouple, $this->refused($world, new AddChild('tam', 'dan', $one, self::BIRTH)));
    }

    public function test_a_partner_who_is_named_is_a_parent_of_the_children_too(): void
    {
        $world = $this->world();
        $couple = $world->do(new AddChild('bran', 'kit', '', self::BIRTH));
        $world->do(new NamePartner('bran', $couple, 'Ann'));
        self::assertSame(['*birth: Ann, bran'], $world->parents('kit'));
        self::assertSame(FamilyProblem::CoupleIsFull, $this->refused($world, new NamePartner('bran', $couple, 'Eve')));
        $world->do(new StandPartner($this->tie($world, 'Ann'), Standing::RuledOut, 'Another Ann.'));
        self::assertSame(FamilyProblem::PartnerRuledOut, $this->refused($world, new NamePartner('bran', $couple, 'Ann')));
        $world->do(new NamePartner('bran', $couple, 'Eve'));
        self::assertSame(FamilyProblem::PlaceTaken,
            $this->refused($world, new StandPartner($this->tie($world, 'Ann'), Standing::Accepted, '')));
    }

    public function test_whoever_is_ruled_out_holds_no_place_and_another_set_leads(): void
    {
        $world = $this->family();
        $set = $world->graph->setsOf('kit')[0]->id;
        $world->do(new SettleSet($set, new ParentRuling(standing: Standing::RuledOut), 'bran'));
        self::assertSame(['*birth: Ann, bran ruled out'], $world->parents('kit'));
        $world->do(new AddParent('kit', 'tam', self::BIRTH));
        self::assertSame(['birth: bran ruled out', '*birth: Ann, tam'], $world->parents('kit'));
        self::assertSame(FamilyProblem::ThirdParentByBirth,
            $this->refused($world, new SettleSet($set, new ParentRuling(standing: Standing::Accepted), 'bran')));
    }

    public function test_a_child_is_moved_and_what_was_ruled_out_stays_behind(): void
    {
        $world = $this->family();
        $to = $world->do(new AddPartner('tam', 'Eve'));
        $set = $world->graph->setsOf('kit')[0]->id;
        $world->do(new SettleSet($set, new ParentRuling(standing: Standing::RuledOut), 'bran'));
        $told = (new ChangesInWords($world->graph,
            ['kit' => 'Kit Osk', 'bran' => 'Bran Osk', 'Ann' => 'Ann Drum', 'tam' => 'Tam Drum', 'Eve' => 'Eve Osk']))
            ->of($world->plan(new MoveChild($set, $to)));
        self::assertSame(['Kit Osk leaves Bran Osk and Ann Drum and becomes a child of Tam Drum and Eve Osk.'], $told);
        $world->do(new MoveChild($set, $to));
        self::assertSame(['*birth: Eve, tam', 'birth: bran ruled out'], $world->parents('kit'));
        self::assertSame(FamilyProblem::ParentsAlready, $this->refused($world, new MoveChild($set, $to)));
    }

    public function test_a_place_goes_to_somebody_else_with_the_children(): void
    {
        $world = $this->family();
        self::assertSame(FamilyProblem::PartnerAlready, $this->refused($world, new ReplacePartner($this->tie($world, 'bran'), 'Ann')));
        self::assertSame(FamilyProblem::OwnAncestor, $this->refused($world, new ReplacePartner($this->tie($world, 'bran'), 'kit')));
        $world->do(new ReplacePartner($this->tie($world, 'bran'), 'tam'));
        self::assertSame(['tam+Ann: kit Una'], $world->couples());
        self::assertSame(['*birth: Ann, tam'], $world->parents('Una'));
    }

    public function test_unlinking_takes_off_ties_and_the_couples_that_were_only_there_for_them(): void
    {
        $world = $this->family();
        $world->do(new UnlinkParents($world->graph->setsOf('kit')[0]->id));
        self::assertSame(['bran+Ann: Una'], $world->couples());
        self::assertSame(1, $world->plan(new UnlinkEverybody('Una'))->unlinked());
        $world->do(new UnlinkEverybody('bran'));
        self::assertSame(['Ann: Una'], $world->couples());
        $world->do(new UnlinkEverybody('Ann'));
        self::assertSame([], $world->couples());
        self::assertSame(FamilyProblem::NoTie, $this->refused($world, new UnlinkEverybody('Ann')));
    }

    public function test_children_keep_their_places_in_a_file_when_they_are_put_in_order(): void
    {
        $world = $this->family();
        $couple = $world->coupleIds()[0];
        self::assertSame(FamilyProblem::OtherChildren, $this->refused($world, new OrderChildren($couple, ['kit'])));
        $world->do(new OrderChildren($couple, ['Una', 'kit']));
        self::assertSame([1, 2], [$world->graph->setsOf('Una')[0]->childPlace, $world->graph->setsOf('kit')[0]->childPlace]);
        $world->do(new OrderChildren($couple, ['kit', 'Una']));
        self::assertSame([2, 1], [$world->graph->setsOf('Una')[0]->childPlace, $world->graph->setsOf('kit')[0]->childPlace]);
    }

    public function test_two_who_are_one_have_each_tie_once(): void
    {
        $world = $this->family();
        // The same man again, with the same wife and one child who is known already; and a child of his own.
        $world->do(new AddPartner('dan', 'Ann'));
        $world->do(new AddChild('dan', 'kit2', '', self::BIRTH));
        $world->do(new AddParent('dan', 'tam', self::BIRTH));
        $world->do(new MergePeople('bran', 'dan'));
        self::assertSame(['bran+Ann: kit Una kit2', 'tam: bran'], $world->couples());
        self::assertSame(['*birth: Ann, bran'], $world->parents('kit2'));

        $world->do(new MergePeople('kit', 'kit2'));
        self::assertSame(['bran+Ann: kit Una', 'tam: bran'], $world->couples());
        self::assertSame(['*birth: Ann, bran'], $world->parents('kit'));
    }

    public function test_parents_for_whom_there_is_no_place_become_rivals(): void
    {
        $world = $this->family();
        $world->do(new AddParent('kit2', 'tam', self::BIRTH));
        $world->do(new AddParent('kit2', 'Ann', self::BIRTH));
        $changes = $world->plan(new MergePeople('kit', 'kit2'));
        self::assertSame(['Tam becomes a rival among the parents of Kit2.'],
            (new ChangesInWords($world->graph, ['tam' => 'Tam', 'kit2' => 'Kit2', 'Ann' => 'Ann']))->of($changes));
        $world->do(new MergePeople('kit', 'kit2'));
        self::assertSame(['*birth: Ann, bran', 'birth: tam rival'], $world->parents('kit'));
        self::assertSame([], $world->parents('kit2'));
    }

    /** @return iterable<string, array{string, string, FamilyProblem}> */
    public static function impossible(): iterable
    {
        yield 'with themselves' => ['kit', 'kit', FamilyProblem::SamePerson];
        yield 'with a partner' => ['bran', 'Ann', FamilyProblem::OwnPartner];
        yield 'with a child' => ['bran', 'kit', FamilyProblem::OwnAncestor];
        yield 'with a parent' => ['kit', 'bran', FamilyProblem::OwnAncestor];
        yield 'where the line would close' => ['dan', 'tam', FamilyProblem::OwnAncestor];
    }

    #[DataProvider('impossible')]
    public function test_who_cannot_be_one(string $kept, string $gone, FamilyProblem $problem): void
    {
        $world = $this->family();
        $world->do(new AddChild('kit', 'dan', '', self::BIRTH));
        $world->do(new AddChild('tam', 'bran', '', self::BIRTH));
        self::assertSame($problem, $this->refused($world, new MergePeople($kept, $gone)));
    }

    public function test_every_problem_is_said_in_a_sentence(): void
    {
        foreach (FamilyProblem::cases() as $problem) {
            self::assertMatchesRegularExpression('/^[A-Z].+\.$/', $problem->says());
        }
    }

    private function world(): FamilyWorld
    {
        return new FamilyWorld(['bran', 'Ann', 'kit', 'Una', 'kit2', 'tam', 'Eve', 'dan']);
    }

    /** Bran and Ann, with Kit and Una. */
    private function family(): FamilyWorld
    {
        $world = $this->world();
        $couple = $world->do(new AddPartner('bran', 'Ann'));
        $world->do(new AddChild('bran', 'kit', $couple, self::BIRTH));
        $world->do(new AddChild('bran', 'Una', $couple, self::BIRTH));

        return $world;
    }

    private function tie(FamilyWorld $world, string $personId): string
    {
        return $world->graph->partnershipsOf($personId)[0]->id;
    }

    private function refused(FamilyWorld $world, FamilyCommand $command): FamilyProblem
    {
        try {
            $world->plan($command);
        } catch (FamilyRefused $refused) {
            return $refused->problem;
        }
        self::fail('That should be refused: '.implode('; ', $world->couples()));
    }
}
