<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Linkage;

use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Linkage\Candidates;
use NorthBough\Core\Linkage\LookFor;
use NorthBough\Core\Naming\NameKind;
use NorthBough\Core\Naming\NameVariants;
use NorthBough\Core\Naming\PersonalName;
use NorthBough\Core\Naming\SoundCode;
use NorthBough\Core\Record\RecordKinds;
use NorthBough\Core\Record\Roll;
use NorthBough\Core\Record\RollLine;
use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\Name;
use NorthBough\Core\Tree\Parentage;
use NorthBough\Core\Tree\ParentageKind;
use NorthBough\Core\Tree\ParentSet;
use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\Sex;
use NorthBough\Core\Tree\Snapshot;
use NorthBough\Core\Tree\Union;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * An isle of families from a seed, and census households of them with known truth: people missing and extra, misspelt,
 * called by a pet name, ages off by up to three years, widowed heads who wed again, namesakes within a few years.
 */
final class GeneratedIsle
{
    private const SURNAMES = ['Tarrel', 'Quillan', 'Osk', 'Maddern', 'Fenwhistle', 'Averay', 'Drum', 'Ibsley', 'Corran', 'Penhask', 'Lorne', 'Struan', 'Kettle', 'Hallow', 'Brannock', 'Skerry', 'Vane', 'Orrin', 'Tolhurst', 'Mawgan', 'Pellow', 'Garth', 'Rudd', 'Selkirk', 'Threave'];

    private const MEN = ['Ewan', 'Magnus', 'John', 'William', 'Thomas', 'James', 'Andrew', 'Peter', 'Robert', 'Alexander', 'Henry', 'Samuel'];

    private const WOMEN = ['Isbel', 'Margaret', 'Ann', 'Mary', 'Elizabeth', 'Jane', 'Catherine', 'Marion', 'Helen', 'Agnes', 'Keziah', 'Sarah'];

    /** Pet names that the isle uses; some a table of names knows and some it does not. */
    private const PET = ['William' => 'Will', 'Thomas' => 'Tam', 'Margaret' => 'Peggy', 'Elizabeth' => 'Betsy', 'Robert' => 'Rob', 'Alexander' => 'Sandy', 'Mary' => 'Molly', 'Catherine' => 'Kate', 'James' => 'Jamie', 'Ann' => 'Annie', 'Andrew' => 'Andra', 'Helen' => 'Nell'];

    private const PLACES = ['Kirkhaven, Marren', 'Tolsay Harbour, Marren', 'Slatequay, Marren', 'Hask, Marren', 'Upper Dunnet, Marren'];

    private readonly Randomizer $random;

    public readonly Snapshot $tree;

    /** @var array<string, array{given: string, surname: string, sex: Sex, born: int, died: int, place: string, known: bool}> */
    private array $people = [];

    /** @var list<array{husband: string, wife: string, wed: int, children: list<string>}> */
    private array $families = [];

    /** @var array<string, list<string>> ids by sound of the surname */
    private array $bySound = [];

    public function __construct(int $seed, int $couples)
    {
        $this->random = new Randomizer(new Mt19937($seed));
        for ($i = 0; $i < $couples; $i++) {
            $this->family();
        }
        $this->tree = $this->snapshot();
    }

    /** @return array{Roll, array<string, string>} a household of a census, and whom each line is; empty for somebody the tree does not have */
    public function household(): array
    {
        do {
            $year = [1851, 1861, 1881][$this->chance(3)];
            $family = $this->families[$this->chance(count($this->families))];
            $isAlive = $this->people[$family['husband']]['died'] > $year && $family['wed'] <= $year;
        } while (! $isAlive);
        $lines = [];
        $truth = [];
        $slip = $this->chance(100) < 12;
        $husband = $this->people[$family['husband']];
        $surname = $slip ? $this->misspelt($husband['surname']) : $husband['surname'];
        $add = function (string $id, string $role, string $surname) use (&$lines, &$truth, $year): void {
            $who = $this->people[$id];
            $lines[] = $this->line(count($lines), $who, $role, $surname, $year);
            $truth['l'.(count($lines) - 1)] = $who['known'] ? $id : '';
        };
        $add($family['husband'], 'head', $surname);
        if ($this->people[$family['wife']]['died'] > $year && $this->chance(100) < 93) {
            $add($family['wife'], 'wife', $surname);
        }
        foreach ($this->childrenAtHome($family['husband'], $year) as $id) {
            $add($id, $this->people[$id]['sex'] === Sex::Male ? 'son' : 'daughter', $surname);
        }
        for ($extra = [0, 0, 1, 2][$this->chance(4)]; $extra > 0; $extra--) {
            $stranger = $this->stranger($year);
            $lines[] = $this->line(count($lines), $stranger, ['lodger', 'servant', 'visitor'][$this->chance(3)], $stranger['surname'], $year);
            $truth['l'.(count($lines) - 1)] = '';
        }

        return [new Roll(RecordKinds::named("census-{$year}"), GenDate::parse("31 March {$year}"), self::PLACES[0], $lines), $truth];
    }

    /** Those worth looking at, as a search in a large tree would bring them. */
    public function candidates(Roll $roll): Candidates
    {
        $ids = [];
        foreach ($roll->lines as $line) {
            $look = LookFor::of($roll, $line, NameVariants::usual());
            foreach ($look->surnameSounds as $sound) {
                foreach ($this->sounding($sound, $look->surname) as $id) {
                    $born = self::day($this->people[$id]['born']);
                    if ($born >= (int) $look->bornFrom && $born <= (int) $look->bornTo) {
                        $ids[$id] = true;
                    }
                }
            }
        }

        return Candidates::around($this->tree, array_map(strval(...), array_keys($ids)));
    }

    /** @return list<string> those whose surname sounds so, or where nobody's does, is spelt much like it */
    private function sounding(string $sound, string $surname): array
    {
        $found = $this->bySound[$sound] ?? [];
        foreach ($found === [] ? self::SURNAMES : [] as $other) {
            similar_text($surname, strtolower($other), $percent);
            array_push($found, ...($percent >= 60 ? $this->bySound[SoundCode::of($other)] ?? [] : []));
        }

        return array_values($found);
    }

    private function family(): void
    {
        $surname = self::SURNAMES[min($this->chance(25), $this->chance(25))];
        $born = 1795 + $this->chance(60);
        // Naming habit: cousins bear one name, and some of them were born within a few years.
        $namesake = $this->families !== [] && $this->chance(100) < 25 ? $this->people[$this->families[$this->chance(count($this->families))]['husband']] : null;
        $husband = $this->person($namesake['given'] ?? self::MEN[$this->chance(12)], $namesake['surname'] ?? $surname, Sex::Male, $namesake === null ? $born : $namesake['born'] + $this->chance(7) - 3, 92);
        $wed = $this->people[$husband]['born'] + 21 + $this->chance(10);
        for ($wives = $this->chance(100) < 15 ? 2 : 1; $wives > 0; $wives--) {
            $wife = $this->person(self::WOMEN[$this->chance(12)], self::SURNAMES[$this->chance(25)], Sex::Female, $wed - 19 - $this->chance(8), 90);
            if ($wives === 2) {
                $this->people[$wife]['died'] = $wed + 5 + $this->chance(6);
            }
            $children = [];
            for ($year = $wed + 1; $year < min($wed + 20, $this->people[$wife]['died']); $year += 1 + $this->chance(4)) {
                $sex = $this->chance(2) === 0 ? Sex::Male : Sex::Female;
                $given = $sex === Sex::Male ? self::MEN[$this->chance(12)] : self::WOMEN[$this->chance(12)];
                $children[$given] = $this->person($given, $this->people[$husband]['surname'], $sex, $year, 88);
            }
            $this->families[] = ['husband' => $husband, 'wife' => $wife, 'wed' => $wed, 'children' => array_values($children)];
            $wed = $this->people[$wife]['died'] + 1;
        }
    }

    private function person(string $given, string $surname, Sex $sex, int $born, int $known): string
    {
        $id = 'p'.count($this->people);
        $this->people[$id] = ['given' => $given, 'surname' => $surname, 'sex' => $sex, 'born' => $born, 'died' => $born + 30 + $this->chance(55),
            'place' => self::PLACES[$this->chance(5)], 'known' => $this->chance(100) < $known];

        return $id;
    }

    /** @return array{given: string, surname: string, sex: Sex, born: int, died: int, place: string, known: bool} somebody from the mainland */
    private function stranger(int $year): array
    {
        $sex = $this->chance(2) === 0 ? Sex::Male : Sex::Female;

        return ['given' => $sex === Sex::Male ? self::MEN[$this->chance(12)] : self::WOMEN[$this->chance(12)], 'surname' => ['Marsh', 'Holt', 'Averay', 'Fenn', 'Drum', 'Yarrow'][$this->chance(6)],
            'sex' => $sex, 'born' => $year - 14 - $this->chance(40), 'died' => $year + 9, 'place' => 'Pellmouth, Westering', 'known' => false];
    }

    /** @return list<string> */
    private function childrenAtHome(string $husband, int $year): array
    {
        $home = [];
        foreach ($this->families as $family) {
            foreach ($family['husband'] === $husband ? $family['children'] : [] as $id) {
                $age = $year - $this->people[$id]['born'];
                if ($age >= 0 && $age < 22 && $this->people[$id]['died'] > $year && $this->chance(100) < 88) {
                    $home[] = $id;
                }
            }
        }

        return $home;
    }

    /** @param  array{given: string, surname: string, sex: Sex, born: int, died: int, place: string, known: bool}  $who */
    private function line(int $at, array $who, string $role, string $surname, int $year): RollLine
    {
        $given = match (true) {
            $this->chance(100) < 12 && isset(self::PET[$who['given']]) => self::PET[$who['given']],
            $this->chance(100) < 8 => $this->misspelt($who['given']),
            default => $who['given'],
        };
        $off = [0, 0, 0, 0, 1, -1, 1, -1, 2, -2, 3, -3][$this->chance(12)];
        $columns = ['relation' => $role, 'age' => (string) max(0, $year - $who['born'] - 1 + $off), 'sex' => $who['sex']->value];
        if ($year > 1851) {
            $columns['born'] = $this->chance(100) < 85 ? $who['place'] : self::PLACES[$this->chance(5)];
        }

        return new RollLine("l{$at}", "{$given} {$surname}", '', $columns);
    }

    private function misspelt(string $name): string
    {
        $at = 1 + $this->chance(max(1, strlen($name) - 2));

        return match ($this->chance(3)) {
            0 => substr($name, 0, $at).substr($name, $at + 1),
            1 => substr($name, 0, $at).$name[$at].substr($name, $at),
            default => substr($name, 0, $at).['a', 'e', 'i', 'o', 'u'][$this->chance(5)].substr($name, $at + 1),
        };
    }

    private function snapshot(): Snapshot
    {
        $people = [];
        foreach ($this->people as $id => $who) {
            if ($who['known']) {
                $birth = new Event("{$id}b", 'birth', '', '', GenDate::parse((string) $who['born']), $who['place'], false, []);
                $death = new Event("{$id}d", 'death', '', '', GenDate::parse((string) $who['died']), '', false, []);
                $people[] = new Person($id, count($people) + 1, $who['sex'], [new Name("{$id}n", NameKind::Birth, PersonalName::of($who['given'], $who['surname']))], $this->chance(100) < 70 ? [$birth, $death] : [$birth]);
                $this->bySound[SoundCode::of($who['surname'])][] = $id;
            }
        }
        $unions = [];
        $sets = [];
        foreach ($this->families as $at => $family) {
            $partners = array_values(array_filter([$family['husband'], $family['wife']], fn (string $id): bool => $this->people[$id]['known']));
            $children = array_values(array_filter($family['children'], fn (string $id): bool => $this->people[$id]['known']));
            $unions[] = new Union("u{$at}", $partners, [new Event("u{$at}m", 'marriage', '', '', GenDate::parse((string) $family['wed']), '', false, [])], $children);
            foreach ($children as $child) {
                $sets[] = new ParentSet("s{$child}", $child, "u{$at}", true, array_map(static fn (string $id): Parentage => new Parentage($id, ParentageKind::Birth), $partners));
            }
        }

        return new Snapshot($people, $unions, $sets);
    }

    private static function day(int $year): int
    {
        return (int) GenDate::parse((string) $year)->span()?->earliest;
    }

    private function chance(int $of): int
    {
        return $this->random->getInt(0, $of - 1);
    }
}
