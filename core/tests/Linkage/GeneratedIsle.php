<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Linkage;

use NorthBough\Core\Chrono\DaySpan;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Chrono\IsoDay;
use NorthBough\Core\Linkage\CandidateQuery;
use NorthBough\Core\Linkage\Candidates;
use NorthBough\Core\Naming\NameKind;
use NorthBough\Core\Naming\NameVariants;
use NorthBough\Core\Naming\PersonalName;
use NorthBough\Core\Naming\SearchForm;
use NorthBough\Core\Naming\SoundCode;
use NorthBough\Core\Record\Roll;
use NorthBough\Core\Sex;
use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\Name;
use NorthBough\Core\Tree\Parentage;
use NorthBough\Core\Tree\ParentageKind;
use NorthBough\Core\Tree\ParentSet;
use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\Snapshot;
use NorthBough\Core\Tree\Union;

/**
 * An isle of families from a seed, of which a tree knows nine in ten people: sons and daughters who wed, widowers who
 * wed again, namesakes within a few years, couples that the tree does not tie, days of which it knows the year alone.
 */
final class GeneratedIsle
{
    public const SURNAMES = [
        'Tarrel', 'Quillan', 'Osk', 'Maddern', 'Fenwhistle', 'Averay', 'Drum', 'Ibsley', 'Corran', 'Penhask', 'Lorne', 'Struan', 'Kettle',
        'Hallow', 'Brannock',
        'Skerry', 'Vane', 'Orrin', 'Tolhurst', 'Mawgan', 'Pellow', 'Garth', 'Rudd', 'Selkirk', 'Threave', 'Yestin', 'Culder', 'Nance',
        'Wick', 'Ostler',
        'Bewick', 'Dorrit', 'Esk', 'Jarrow', 'Linnet', 'Uddin', 'Zeal', 'Inver', 'Chapel', 'Moorcock',
    ];

    public const MEN = [
        'Ewan', 'Magnus', 'John', 'William', 'Thomas', 'James', 'Andrew', 'Peter', 'Robert', 'Alexander', 'Henry', 'Samuel',
        'Gavin', 'Hugh', 'Nicol', 'Sander', 'Bran', 'Jacob', 'Ranald', 'Edmund', 'Tobias', 'Laurence', 'Walter', 'Osmund',
    ];

    public const WOMEN = [
        'Isbel', 'Margaret', 'Ann', 'Mary', 'Elizabeth', 'Jane', 'Catherine', 'Marion', 'Helen', 'Agnes', 'Keziah', 'Sarah',
        'Wilma', 'Una', 'Kirsty', 'Rachel', 'Bethia', 'Grizel', 'Lydia', 'Harriet', 'Dorothy', 'Frances', 'Ursula', 'Phoebe',
    ];

    public const PLACES = ['Kirkhaven, Marren', 'Tolsay Harbour, Marren', 'Slatequay, Marren', 'Hask, Marren', 'Upper Dorrick, Marren'];

    public readonly Slips $slips;

    public readonly Snapshot $tree;

    /** @var array<string, Islander> */
    public array $people = [];

    /** @var list<array{husband: string, wife: string, wed: int, children: list<string>, tied: bool}> days as numbers */
    public array $families = [];

    /** @var array<string, list<string>> ids by sound of the surname */
    private array $bySound = [];

    public function __construct(int $seed, int $couples)
    {
        $this->slips = new Slips($seed);
        for ($i = 0; $i < $couples; $i++) {
            $this->family();
        }
        $this->tree = $this->snapshot();
    }

    /** Those worth looking at, as a search in a large tree would bring them. */
    public function candidates(Roll $roll): Candidates
    {
        $ids = [];
        foreach ($roll->lines as $line) {
            $look = CandidateQuery::of($roll, $line, NameVariants::usual());
            $known = array_filter($this->people, static fn (Islander $who): bool => $who->known);
            foreach ($look->surnameSounds as $sound) {
                foreach ($this->sounding($sound, $look) as $id) {
                    if ($this->people[$id]->born >= (int) $look->bornFrom && $this->people[$id]->born <= (int) $look->bornTo) {
                        $ids[$id] = true;
                    }
                }
            }
            foreach ($look->bornThen === null && $look->diedThen === null ? [] : $known as $id => $who) {
                if (in_array(SearchForm::of($who->given), $look->givenForms, true)
                    && (self::isIn($who->born, $look->bornThen) || self::isIn($who->died, $look->diedThen))) {
                    $ids[$id] = true;
                }
            }
        }

        return Candidates::around($this->tree, array_map(strval(...), array_keys($ids)));
    }

    private static function isIn(int $day, ?DaySpan $span): bool
    {
        return $span !== null && $day >= (int) $span->earliest && $day <= (int) $span->latest;
    }

    /** @return list<string> children of a husband who live with him on a day */
    public function childrenAtHome(string $husband, int $day): array
    {
        $home = [];
        foreach ($this->families as $family) {
            foreach ($family['husband'] === $husband ? $family['children'] : [] as $id) {
                $child = $this->people[$id];
                if ($child->born < $day && $child->age($day) < 22 && ! $child->isWed && $child->died > $day && $this->slips->oneIn100(88)) {
                    $home[] = $id;
                }
            }
        }

        return $home;
    }

    /** Somebody whom the tree does not have: from the mainland, or of the isle's own names. */
    public function stranger(int $day, bool $isOfIsle = false, ?Sex $sex = null, int $youngest = 14): Islander
    {
        $sex ??= $this->slips->chance(2) === 0 ? Sex::Male : Sex::Female;
        $surnames = $isOfIsle ? self::SURNAMES : ['Marsh', 'Holt', 'Averay', 'Fenn', 'Drum', 'Yarrow'];

        return new Islander('', $this->givenName($sex), $surnames[$this->slips->chance(count($surnames))], $sex,
            $day - 366 * $youngest - $this->slips->chance(40 * 365), $day + 3000,
            $isOfIsle ? self::PLACES[$this->slips->chance(5)] : 'Pellmouth, Westering', false);
    }

    /**
     * @return list<string> those whose surname sounds so, and where few of that given name do, those of the given name
     *     whose surname is spelt much like it
     */
    private function sounding(string $sound, CandidateQuery $look): array
    {
        $ofGiven = fn (string $id): bool => in_array(SearchForm::of($this->people[$id]->given), $look->givenForms, true);
        $found = $this->bySound[$sound] ?? [];
        foreach (count(array_filter($found, $ofGiven)) < 3 ? self::SURNAMES : [] as $other) {
            similar_text($look->surname, strtolower($other), $percent);
            array_push($found, ...($percent >= 60 ? array_filter($this->bySound[SoundCode::of($other)] ?? [], $ofGiven) : []));
        }

        return array_values(array_unique($found));
    }

    private function family(): void
    {
        $husband = $this->unwed(Sex::Male, 1700, 1875, 45) ?? $this->founder();
        $wed = $husband->born + 366 * (21 + $this->slips->chance(10)) + $this->slips->chance(365);
        for ($wives = $this->slips->oneIn100(15) ? 2 : 1; $wives > 0; $wives--) {
            $wife = $this->unwed(Sex::Female, Islander::year($wed) - 30, Islander::year($wed) - 18, 45)
                ?? $this->person($this->givenName(Sex::Female), self::SURNAMES[$this->slips->chance(40)], Sex::Female,
                    $wed - 366 * (19 + $this->slips->chance(8)), 90);
            $wife->isWed = $husband->isWed = true;
            $wife->died = $wives === 2 ? $wed + 365 * (5 + $this->slips->chance(6)) : max($wife->died, $wed + 400);
            $husband->died = max($husband->died, $wed + 400);
            $at = 'u'.count($this->families);
            $children = [];
            $born = $wed + 280 + $this->slips->chance(300);
            while ($born < min($wed + 20 * 365, $wife->died, $husband->died)) {
                $sex = $this->slips->chance(2) === 0 ? Sex::Male : Sex::Female;
                $given = $this->givenName($sex);
                if (! isset($children[$given])) {
                    $children[$given] = $this->person($given, $husband->surname, $sex, $born, 88, $at)->id;
                }
                $born += 400 + $this->slips->chance(1200);
            }
            $this->families[] = ['husband' => $husband->id, 'wife' => $wife->id, 'wed' => $wed, 'children' => array_values($children),
                'tied' => $this->slips->oneIn100(99)];
            $wed = $wife->died + 300 + $this->slips->chance(700);
            if ($wed > $husband->died - 400) {
                break;
            }
        }
    }

    /** Somebody's grown son or daughter who is not wed yet. */
    private function unwed(Sex $sex, int $from, int $to, int $of100): ?Islander
    {
        $free = $this->slips->oneIn100($of100)
            ? array_values(
                array_filter($this->people, static fn (Islander $who): bool => $who->sex === $sex && ! $who->isWed && $who->family !== ''
            && $who->yearBorn() >= $from && $who->yearBorn() <= $to && $who->died > $who->born + 35 * 366)) : [];

        return $free === [] ? null : $free[$this->slips->chance(count($free))];
    }

    private function founder(): Islander
    {
        $born = Islander::day(1795 + $this->slips->chance(60), $this->slips->chance(365));
        $surname = self::SURNAMES[min($this->slips->chance(40), $this->slips->chance(40))];
        // Naming habit: cousins bear one name, and some of them were born within a few years.
        $namesake = $this->families !== [] && $this->slips->oneIn100(25)
            ? $this->people[$this->families[$this->slips->chance(count($this->families))]['husband']] : null;

        return $namesake === null ? $this->person($this->givenName(Sex::Male), $surname, Sex::Male, $born, 92)
            : $this->person($namesake->given, $namesake->surname, Sex::Male, $namesake->born + $this->slips->chance(7 * 365) - 3 * 365, 92);
    }

    private function givenName(Sex $sex): string
    {
        return $sex === Sex::Male ? self::MEN[$this->slips->chance(24)] : self::WOMEN[$this->slips->chance(24)];
    }

    private function person(string $given, string $surname, Sex $sex, int $born, int $known, string $family = ''): Islander
    {
        $lived = $this->slips->oneIn100($family === '' ? 0 : 20) ? $this->slips->chance(5 * 365) : 365 * (30 + $this->slips->chance(55));

        return $this->people['p'.count($this->people)] = new Islander('p'.count($this->people), $given, $surname, $sex, $born,
            $born + $lived,
            self::PLACES[$this->slips->chance(5)], $this->slips->oneIn100($known), $family);
    }

    private function snapshot(): Snapshot
    {
        $people = [];
        foreach ($this->people as $id => $who) {
            if ($who->known) {
                $birth = new Event("{$id}b", 'birth', '', '', $this->dated($who->born, 35), $who->place, false, []);
                $death = new Event("{$id}d", 'death', '', '', $this->dated($who->died, 35), '', false, []);
                $people[] = new Person($id, count($people) + 1, $who->sex,
                    [new Name("{$id}n", NameKind::Birth, PersonalName::of($who->given, $who->surname))],
                    $this->slips->oneIn100(70) ? [$birth, $death] : [$birth]);
                $this->bySound[SoundCode::of($who->surname)][] = $id;
            }
        }
        $unions = [];
        $sets = [];
        foreach ($this->families as $at => $family) {
            $partners = array_values(
                array_filter([$family['husband'], $family['wife']], fn (string $id): bool => $this->people[$id]->known));
            $children = array_values(array_filter($family['children'], fn (string $id): bool => $this->people[$id]->known));
            if (! $family['tied']) {
                continue;
            }
            $unions[] = new Union("u{$at}", $partners,
                [new Event("u{$at}m", 'marriage', '', '', $this->dated($family['wed'], 50), '', false, [])], $children);
            foreach ($children as $child) {
                $sets[] = new ParentSet("s{$child}", $child, "u{$at}", true,
                    array_map(static fn (string $id): Parentage => new Parentage($id, ParentageKind::Birth), $partners));
            }
        }

        return new Snapshot($people, $unions, $sets);
    }

    /** The day itself for so many in 100, else its year. */
    private function dated(int $day, int $exact): GenDate
    {
        return GenDate::parse($this->slips->oneIn100($exact) ? IsoDay::of($day) : (string) Islander::year($day));
    }
}
