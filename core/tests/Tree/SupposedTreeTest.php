<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Tree;

use NorthBough\Core\Kin\Kinship;
use NorthBough\Core\Kin\Relationship;
use NorthBough\Core\Tree\Parentage;
use NorthBough\Core\Tree\ParentageKind;
use NorthBough\Core\Tree\ParentSet;
use NorthBough\Core\Tree\Placing;
use NorthBough\Core\Tree\PlacingState;
use NorthBough\Core\Tree\Proof;
use NorthBough\Core\Tree\Snapshot;
use NorthBough\Core\Tree\Standing;
use NorthBough\Core\Tree\SupposedTree;
use NorthBough\Core\Tree\Suppositions;
use NorthBough\Core\Tree\TreeView;
use NorthBough\Core\Tree\Union;
use PHPUnit\Framework\TestCase;

final class SupposedTreeTest extends TestCase
{
    private const ALL = ['magnus', 'jean', 'ewan', 'una', 'stranger'];

    private const UNIONS = ['u1', 'u2'];

    public function test_with_nothing_supposed_it_is_the_tree_itself(): void
    {
        $tree = $this->tree();
        $same = new SupposedTree($tree, Suppositions::none());

        self::assertEquals($tree->people(self::ALL), $same->people(self::ALL));
        self::assertEquals($tree->lives(self::ALL), $same->lives(self::ALL));
        self::assertEquals($tree->parentSets(self::ALL), $same->parentSets(self::ALL));
        self::assertEquals($tree->unionsOf(self::ALL), $same->unionsOf(self::ALL));
        self::assertEquals($tree->unions(self::UNIONS), $same->unions(self::UNIONS));
        self::assertEquals($tree->placings(self::ALL), $same->placings(self::ALL));
    }

    public function test_a_supposed_tie_makes_kin_and_one_left_out_unmakes_them(): void
    {
        $tree = $this->tree();
        self::assertSame([], $this->terms($tree, 'ewan', 'stranger'));
        $other = new ParentSet('supposed', 'stranger', 'u1', true,
            [new Parentage('magnus', ParentageKind::Birth), new Parentage('jean', ParentageKind::Birth)]);
        $supposing = Suppositions::none()->tied($other);
        $with = new SupposedTree($tree, $supposing);

        self::assertSame(['brother'], $this->terms($with, 'ewan', 'stranger'));
        self::assertSame(['ewan', 'una', 'stranger'], $with->unions(['u1'])['u1']->childIds);
        self::assertSame([], $this->terms(new SupposedTree($tree, $supposing->untied($other)), 'ewan', 'stranger'));

        $set = $tree->parentSets(['una'])['una'][0];
        $without = new SupposedTree($tree, Suppositions::none()->untied($set));
        self::assertSame([], $this->terms($without, 'ewan', 'una'));
        self::assertSame(['ewan'], $without->unions(['u1'])['u1']->childIds);
        self::assertSame(['sister'], $this->terms($tree, 'ewan', 'una'), 'nothing beneath was changed');
    }

    public function test_a_supposed_set_that_leads_takes_the_lead(): void
    {
        $adopted = new ParentSet('supposed', 'ewan', 'u2', true, [new Parentage('stranger', ParentageKind::Adoptive)]);
        $sets = (new SupposedTree($this->tree(), Suppositions::none()->tied($adopted)))->parentSets(['ewan'])['ewan'];

        self::assertSame([['supposed', true], ['set-u1-ewan', false]],
            array_map(static fn (ParentSet $set): array => [$set->id, $set->leads], $sets));
    }

    public function test_a_tie_supposed_ruled_out_makes_no_kin(): void
    {
        $tree = $this->tree();
        $set = $tree->parentSets(['una'])['una'][0];
        $supposing = Suppositions::none();
        foreach ($set->parents as $parent) {
            $supposing = $supposing->parentIs($set, new Parentage($parent->personId, $parent->kind, Standing::RuledOut, Proof::Unstated));
        }
        self::assertSame([], $this->terms(new SupposedTree($tree, $supposing), 'ewan', 'una'));
    }

    public function test_a_standing_or_a_claim_supposed_otherwise_changes_what_leads_and_rests(): void
    {
        $tree = $this->tree();
        $without = new SupposedTree($tree, Suppositions::none()->withoutClaim('claim-ewan'));
        self::assertCount(1, $tree->people(['ewan'])['ewan']->leading('birth')->evidence ?? []);
        self::assertSame([], $without->people(['ewan'])['ewan']->leading('birth')->evidence ?? null);
        $fallen = new SupposedTree($tree, Suppositions::none()->eventStands('birth-ewan', Standing::RuledOut));
        self::assertNull($fallen->people(['ewan'])['ewan']->leading('birth'));
    }

    public function test_a_supposed_couple_is_seen_from_both(): void
    {
        $with = new SupposedTree($this->tree(), Suppositions::none()->together(new Union('supposed', ['una', 'stranger'], [], [])));
        self::assertSame(['supposed'], array_column($with->unionsOf(['una'])['una'], 'id'));
        self::assertSame(['u2', 'supposed'], array_column($with->unionsOf(['stranger'])['stranger'], 'id'));
        self::assertSame(['supposed'], array_keys($with->unions(['supposed'])));
    }

    public function test_a_line_is_on_one_person_only(): void
    {
        $tree = $this->tree();
        $moved = new Placing('supposed', 'line', 'record', 'stranger', PlacingState::Placed, 'Ewn Tarel');
        $with = new SupposedTree($tree, Suppositions::none()->placed($moved));
        self::assertSame(['stranger' => [$moved]], $with->placings(self::ALL));
        self::assertSame([], (new SupposedTree($tree, Suppositions::none()->placed($moved)->unplaced('line')))->placings(self::ALL));
        self::assertSame(['ewan'], array_keys($tree->placings(self::ALL)));
    }

    private function tree(): Snapshot
    {
        $isles = (new Isles)->person('magnus', 'Magnus Tarrel h')->person('jean', 'Jean Penhask w')
            ->person('ewan', 'Ewan Tarrel h b 1847', cited: true)
            ->person('una', 'Una Tarrel w')->person('stranger', 'Sander Tarrel h')
            ->union('u1', ['magnus', 'jean'], ['ewan', 'una'], '1840 Hask')->union('u2', ['stranger'], []);
        $tree = $isles->tree();

        return new Snapshot(array_values($tree->people(self::ALL)), array_values($tree->unions(self::UNIONS)),
            array_merge(...array_values($tree->parentSets(self::ALL))),
            [new Placing('p1', 'line', 'record', 'ewan', PlacingState::Placed, 'Ewn Tarel')]);
    }

    /** @return list<string> what the second is to the first */
    private function terms(TreeView $tree, string $one, string $other): array
    {
        return array_map(static fn (Relationship $r): string => $r->term, Kinship::between($tree, $one, $other));
    }
}
