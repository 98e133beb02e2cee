<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Linkage;

use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Chrono\IsoDay;
use NorthBough\Core\Record\RecordKinds;
use NorthBough\Core\Record\Roll;
use NorthBough\Core\Record\RollLine;
use NorthBough\Core\Sex;

/**
 * Entries of church and civil registers of an isle with known truth: its own couples, couples of whom the tree has one
 * or none, wives under either surname, parents of whom a given name alone is told, and witnesses from next door.
 */
final class GeneratedEntries
{
    /** @var list<RollLine> */
    private array $lines = [];

    /** @var array<string, string> */
    private array $truth = [];

    private readonly Slips $slips;

    public function __construct(private readonly GeneratedIsle $isle)
    {
        $this->slips = $isle->slips;
    }

    /** @return array{Roll, array<string, string>} an entry, and whom each line is; empty for somebody the tree does not have */
    public function next(string $kind): array
    {
        $this->lines = $this->truth = [];
        $day = match ($kind) {
            'marriage' => $this->marriage(),
            'baptism' => $this->baptism(),
            'burial' => $this->burial(),
            'death-certificate' => $this->death(),
            default => throw new \LogicException("No entries of {$kind} are made."),
        };

        return [new Roll(RecordKinds::named($kind), GenDate::parse(IsoDay::of($day)), GeneratedIsle::PLACES[0], $this->lines),
            $this->truth];
    }

    private function marriage(): int
    {
        $family = $this->family();
        $day = $family['wed'];
        [$groom, $bride] = $this->slips->oneIn100(94)
            ? [$this->isle->people[$family['husband']], $this->isle->people[$family['wife']]]
            : [$this->isle->stranger($day, true, Sex::Male, 21), $this->isle->stranger($day, true, Sex::Female, 19)];
        foreach ([[$groom, 'groom'], [$bride, 'bride']] as [$who, $role]) {
            $this->add($who, $role, $this->slips->surname($who->surname), match (true) {
                $this->slips->oneIn100(55) => ['age' => $this->slips->age($who->age($day))],
                $this->slips->oneIn100(50) => ['age' => 'full'],
                default => [],
            });
        }
        foreach ([[$groom, 'groom’s father'], [$bride, 'bride’s father']] as [$who, $role]) {
            if ($this->slips->oneIn100(50)) {
                $this->add($this->father($who, $day), $role, $this->slips->surname($who->surname));
            }
        }
        for ($count = $this->slips->chance(3); $count > 0; $count--) {
            $witness = $this->isle->stranger($day, $this->slips->oneIn100(30), null, 17);
            $this->add($witness, 'witness', $witness->surname);
        }
        $this->minister($day);

        return $day;
    }

    private function baptism(): int
    {
        do {
            $family = $this->family();
        } while ($family['children'] === []);
        $isOfIsle = $this->slips->oneIn100(94);
        $child = $this->isle->people[$family['children'][$this->slips->chance(count($family['children']))]];
        [$father, $mother] = [$this->isle->people[$family['husband']], $this->isle->people[$family['wife']]];
        if (! $isOfIsle) {
            [$father, $mother] = [$this->isle->stranger($child->born, true, Sex::Male, 21),
                $this->isle->stranger($child->born, true, Sex::Female, 19)];
            $child = new Islander('', $child->given, $father->surname, $child->sex, $child->born, $child->died, $child->place, false);
        }
        $day = $child->born + $this->slips->chance($this->slips->oneIn100(95) ? 60 : 900);
        $surname = $this->slips->surname($father->surname);
        $this->add($child, 'child', $surname,
            ($this->slips->oneIn100(50) ? ['born' => IsoDay::of($child->born)] : []) + ($this->slips->oneIn100(60)
                ? ['sex' => $child->sex->value] : []));
        if ($this->slips->oneIn100(94)) {
            $this->add($father, 'father', $surname);
        }
        if ($this->slips->oneIn100(94)) {
            $this->add($mother, 'mother', [$surname, $surname, $this->slips->surname($mother->surname), ''][$this->slips->chance(4)]);
        }
        $this->minister($day);

        return $day;
    }

    private function burial(): int
    {
        [$dead, $family] = $this->dead();
        $day = $dead->died + 2 + $this->slips->chance(5);
        $this->add($dead, 'buried', $this->lateSurname($dead, $family),
            $this->slips->oneIn100(95) ? ['age' => $this->slips->age($dead->age($dead->died))] : []);
        $this->kin($dead, $family, 80);
        $this->minister($day);

        return $day;
    }

    private function death(): int
    {
        [$dead, $family] = $this->dead();
        $day = $dead->died + $this->slips->chance(10);
        $this->add($dead, 'deceased', $this->lateSurname($dead, $family),
            ['died' => IsoDay::of($dead->died),
                'sex' => $dead->sex->value] + ($this->slips->oneIn100(92) ? ['age' => $this->slips->age($dead->age($dead->died))] : []));
        $this->kin($dead, $family, 60);
        $informant = $this->isle->stranger($day, $this->slips->oneIn100(50), null, 17);
        foreach ($family['children'] ?? [] as $id) {
            $child = $this->isle->people[$id];
            if ($family !== null && $dead->isWed && $child->age($day) >= 17 && $child->died > $day
                && ! ($child->isWed && $child->sex === Sex::Female) && $this->slips->oneIn100(40)) {
                $informant = $child;
                break;
            }
        }
        $this->add($informant, 'informant', $informant->surname);
        $this->minister($day, 'registrar');

        return $day;
    }

    /**
     * @return array{Islander, array{husband: string, wife: string, wed: int, children: list<string>, tied: bool}|null}
     *     somebody who died, and the family that they had, or come from where they had none
     */
    private function dead(): array
    {
        if ($this->slips->oneIn100(6)) {
            $stranger = $this->isle->stranger(Islander::day(1830 + $this->slips->chance(60), 0), true, null, 20);
            $stranger->died = $stranger->born + 365 * (20 + $this->slips->chance(50));

            return [$stranger, null];
        }
        $dead = $this->isle->people['p'.$this->slips->chance(count($this->isle->people))];
        foreach (array_reverse($this->isle->families) as $family) {
            if (in_array($dead->id, [$family['husband'], $family['wife']], true)) {
                return [$dead, $family];
            }
        }

        return [$dead, $dead->family === '' ? null : $this->isle->families[(int) substr($dead->family, 1)]];
    }

    /** @param  array{husband: string, wife: string, wed: int, children: list<string>, tied: bool}|null  $family */
    private function kin(Islander $dead, ?array $family, int $of100): void
    {
        if ($family === null || ! $this->slips->oneIn100($of100)) {
            return;
        }
        [$husband, $wife] = [$this->isle->people[$family['husband']], $this->isle->people[$family['wife']]];
        if ($dead->isWed) {
            $spouse = $dead->id === $husband->id ? $wife : $husband;
            if ($spouse->sex === Sex::Female && $spouse->died < $dead->died) {
                return;
            }
            $this->add($spouse, $spouse->sex === Sex::Male ? 'husband' : 'wife', $this->slips->surname($husband->surname));

            return;
        }
        $this->add($husband, 'father', $this->slips->surname($husband->surname));
        if ($this->slips->oneIn100(60)) {
            $this->add($wife, 'mother', $this->slips->oneIn100(50) ? $husband->surname : $wife->surname);
        }
    }

    /** @param  array{husband: string, wife: string, wed: int, children: list<string>, tied: bool}|null  $family */
    private function lateSurname(Islander $dead, ?array $family): string
    {
        $isWife = $dead->sex === Sex::Female && $dead->isWed && $family !== null && $this->slips->oneIn100(85);

        return $this->slips->surname($isWife ? $this->isle->people[$family['husband']]->surname : $dead->surname);
    }

    private function father(Islander $of, int $day): Islander
    {
        $family = $of->family === '' ? null : $this->isle->families[(int) substr($of->family, 1)];

        return $family === null ? $this->isle->stranger($day, true, Sex::Male, 42) : $this->isle->people[$family['husband']];
    }

    /** @return array{husband: string, wife: string, wed: int, children: list<string>, tied: bool} */
    private function family(): array
    {
        return $this->isle->families[$this->slips->chance(count($this->isle->families))];
    }

    private function minister(int $day, string $role = 'minister'): void
    {
        $minister = $this->isle->stranger($day, false, Sex::Male, 30);
        $this->lines[] = new RollLine('l'.count($this->lines), "{$minister->given} {$minister->surname}", $role);
    }

    /** @param  array<string, string>  $columns */
    private function add(Islander $who, string $role, string $surname, array $columns = []): void
    {
        $this->truth['l'.count($this->lines)] = $who->known ? $who->id : '';
        $this->lines[] = new RollLine('l'.count($this->lines), trim("{$this->slips->given($who->given)} {$surname}"), $role, $columns);
    }
}
