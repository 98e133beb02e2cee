<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Family;

use NorthBough\Core\Family\Command\AddChild;
use NorthBough\Core\Family\Command\AddParent;
use NorthBough\Core\Family\Command\AddParentOfRecord;
use NorthBough\Core\Family\Command\AddPartner;
use NorthBough\Core\Family\Command\AddSibling;
use NorthBough\Core\Family\Command\LeadParents;
use NorthBough\Core\Family\Command\MergePeople;
use NorthBough\Core\Family\Command\MoveChild;
use NorthBough\Core\Family\Command\ReplacePartner;
use NorthBough\Core\Family\Command\SettleSet;
use NorthBough\Core\Family\Command\StandPartner;
use NorthBough\Core\Family\Command\UnlinkEverybody;
use NorthBough\Core\Family\Command\UnlinkParents;
use NorthBough\Core\Family\Command\UnlinkPartner;
use NorthBough\Core\Family\FamilyCommand;
use NorthBough\Core\Family\FamilyRefused;
use NorthBough\Core\Family\ParentRuling;
use NorthBough\Core\Tree\ParentageKind;
use NorthBough\Core\Tree\Standing;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Whatever is done to a family, in whatever order, and whatever is refused: what holds of every family holds of it. */
final class FamilyPropertiesTest extends TestCase
{
    private const PEOPLE = ['a', 'B', 'c', 'D', 'e', 'F', 'g', 'H'];

    public function test_no_order_of_commands_breaks_a_family(): void
    {
        $done = 0;
        foreach (range(1, 300) as $seed) {
            $random = new Randomizer(new Mt19937($seed));
            $world = new FamilyWorld(self::PEOPLE);
            for ($step = 1; $step <= 25; $step++) {
                $command = self::command($world, $random);
                try {
                    $command !== null && $world->do($command);
                    $done += $command === null ? 0 : 1;
                } catch (FamilyRefused) {
                    // As it should be; the family is as it was.
                }
                $this->check($world, "seed {$seed}, step {$step}, ".($command === null ? '' : $command::class));
            }
        }
        self::assertGreaterThan(2000, $done);
    }

    private static function command(FamilyWorld $world, Randomizer $random): ?FamilyCommand
    {
        $one = static fn (array $of): mixed => $of === [] ? null : $of[$random->getInt(0, count($of) - 1)];
        [$a, $b] = [$one(self::PEOPLE), $one(self::PEOPLE)];
        $kind = $one([ParentageKind::Birth, ParentageKind::Birth, ParentageKind::Adoptive]);
        $standing = $one(Standing::cases());
        $set = $one($world->graph->setsOf($a))?->id;
        $tie = $one($world->graph->partnershipsOf($a))?->id;
        $couple = $one($world->coupleIds());

        return match ($random->getInt(0, 13)) {
            0 => new AddParent($a, $b, $kind, $standing),
            1 => new AddParentOfRecord($a, $b, $standing),
            2, 3 => new AddPartner($a, $b),
            4 => new AddChild($a, $b, $one($world->graph->couplesOf($a)) ?? '', $kind),
            5 => new AddSibling($a, $b),
            6 => $set === null ? null : new SettleSet($set, new ParentRuling($one([null, $kind]), $standing), $one(['', $b])),
            7 => $tie === null ? null : new StandPartner($tie, $standing, 'The register.'),
            8 => $set === null || $couple === null ? null : new MoveChild($set, $couple),
            9 => $tie === null ? null : new ReplacePartner($tie, $b),
            10 => $set === null ? null : new LeadParents($set),
            11 => $set === null ? null : new UnlinkParents($set),
            12 => $random->getInt(0, 2) > 0 ? ($tie === null ? null : new UnlinkPartner($tie)) : new UnlinkEverybody($a),
            13 => new MergePeople($a, $b),
        };
    }

    private function check(FamilyWorld $world, string $when): void
    {
        foreach (self::PEOPLE as $person) {
            $sets = $world->graph->setsOf($person);
            self::assertLessThanOrEqual(1, count(array_filter($sets, static fn ($set): bool => $set->leads)),
                "{$when}: two sets of {$person} lead.");
            self::assertSame(count($sets), count(array_unique(array_column($sets, 'coupleId'))),
                "{$when}: {$person} is twice a child of one couple.");
            self::assertFalse($world->graph->isAbove($person, $person), "{$when}: {$person} is their own ancestor.");
            self::assertLessThanOrEqual(2, count($world->graph->leadingByBirth($person)), "{$when}: {$person} has three parents by birth.");
            foreach ($sets as $set) {
                $parents = array_column($world->graph->parentsIn($set->id), 'personId');
                self::assertSame(count($parents), count(array_unique($parents)), "{$when}: a parent of {$person} stands twice in one set.");
                self::assertNotContains($person, $parents, $when);
            }
        }
        foreach ($world->coupleIds() as $couple) {
            self::assertLessThanOrEqual(2, count($world->graph->partners($couple)), "{$when}: three partners.");
            $everybody = array_column($world->graph->allPartners($couple), 'personId');
            self::assertSame(count($everybody), count(array_unique($everybody)), "{$when}: somebody is their own partner.");
            self::assertSame($couple, $world->graph->couple($couple)->id, $when);
        }
    }
}
