<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Linkage;

use NorthBough\Core\Linkage\Candidates;
use NorthBough\Core\Linkage\CandidateTies;
use NorthBough\Core\Record\RoleRelation;
use NorthBough\Core\Tests\Tree\Isles;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What two people of the tree are to one another, as a record would call it. */
final class CandidateTiesTest extends TestCase
{
    /** @return iterable<string, array{string, string, RoleRelation}> the first is this to the second */
    public static function ties(): iterable
    {
        $rows = [
            ['magnus', 'isbel', RoleRelation::Partner], ['isbel', 'magnus', RoleRelation::Partner],
            ['ewan', 'magnus', RoleRelation::Child], ['magnus', 'ewan', RoleRelation::Parent],
            ['ewan', 'jean', RoleRelation::Sibling], ['jean', 'ewan', RoleRelation::Sibling],
            ['half', 'ewan', RoleRelation::Sibling], ['half', 'isbel', RoleRelation::StepChild],
            ['kit', 'magnus', RoleRelation::Grandchild], ['magnus', 'kit', RoleRelation::Grandparent],
            ['bran', 'magnus', RoleRelation::ChildInLaw], ['magnus', 'bran', RoleRelation::ParentInLaw],
            ['bran', 'ewan', RoleRelation::SiblingInLaw], ['ewan', 'bran', RoleRelation::SiblingInLaw],
            ['kit', 'ewan', RoleRelation::SiblingsChild], ['ewan', 'kit', RoleRelation::ParentsSibling],
            ['lone', 'ewan', RoleRelation::None], ['ewan', 'lone', RoleRelation::None],
        ];
        foreach ($rows as [$one, $other, $tie]) {
            yield "{$one} to {$other}" => [$one, $other, $tie];
        }
    }

    #[DataProvider('ties')]
    public function test_a_tie_by_its_word(string $one, string $other, RoleRelation $tie): void
    {
        self::assertSame($tie, (new CandidateTies(self::isles()))->between($one, $other));
    }

    /** Whatever one is to the other, the other is the opposite of it. */
    public function test_every_tie_has_its_opposite(): void
    {
        $opposite = [
            'partner' => 'partner', 'child' => 'parent', 'parent' => 'child', 'sibling' => 'sibling', 'grandchild' => 'grandparent',
            'grandparent' => 'grandchild',
            'child-in-law' => 'parent-in-law', 'parent-in-law' => 'child-in-law', 'sibling-in-law' => 'sibling-in-law',
            'niece or nephew' => 'aunt or uncle', 'aunt or uncle' => 'niece or nephew', 'none' => 'none',
        ];
        $known = new CandidateTies(self::isles());
        $people = ['magnus', 'isbel', 'ewan', 'jean', 'half', 'bran', 'kit', 'lone'];
        foreach ($people as $person) {
            foreach ($people as $otherPerson) {
                $tie = $known->between($person, $otherPerson);
                // A stepmother has no word of her own on a page: she is called his wife.
                if ($person !== $otherPerson && $tie !== RoleRelation::StepChild
                    && $known->between($otherPerson, $person) !== RoleRelation::StepChild) {
                    self::assertSame($opposite[$tie->value] ?? 'no opposite', $known->between($otherPerson, $person)->value,
                        "{$person} and {$otherPerson}");
                }
            }
        }
    }

    private static function isles(): Candidates
    {
        $tree = (new Isles)->person('magnus', 'Magnus Tarrel h b 1818')->person('isbel', 'Isbel Quillan w b 1822')
            ->person('first', 'Moll Corran w b 1820 d 1844')
            ->person('ewan', 'Ewan Tarrel h b 1847')->person('jean', 'Jean Tarrel w b 1850')->person('half', 'Tam Tarrel h b 1843')
            ->person('bran', 'Bran Osk h b 1848')->person('kit', 'Kit Osk w b 1875')->person('lone', 'Lone Drum h b 1850')
            ->union('1', ['magnus', 'first'], ['half'], '1842')->union('2', ['magnus', 'isbel'], ['ewan', 'jean'], '1846')
            ->union('3', ['bran', 'jean'], ['kit'], '1874')->tree();

        return Candidates::around($tree, ['magnus', 'isbel', 'ewan', 'jean', 'half', 'bran', 'kit', 'lone'], 2);
    }
}
