<?php

declare(strict_types=1);

namespace NorthBough\Core\Linkage\Doubles;

/**
 * The working behind a pair in sentences. They say how far things agree and how much that tells, and name nobody, so that
 * they can be shown wherever the pair can.
 */
final readonly class PairWorking
{
    /** What is too slight to be told. */
    private const SLIGHT = 0.05;

    private function __construct(private PairScore $score, private PeopleTable $people, private int $a, private int $b)
    {
    }

    /**
     * @param  float  $probability  from 0 to 1, that was found in the end
     * @return list<WorkingLine> of the pair that was scored last, in the order of Aspect; they sum to the log odds of the probability
     */
    public static function of(PairScore $score, PeopleTable $people, int $a, int $b, float $probability): array
    {
        $lines = (new self($score, $people, $a, $b))->lines();
        $probability = max(1e-9, min(1 - 1e-9, $probability));
        $left = log($probability / (1 - $probability), 2) - array_sum(array_column($lines, 'weight'));

        return [...$lines, new WorkingLine(Aspect::Together, $left, $left < 0
            ? 'Taken together this counts for less: some of it says the same thing twice, or somebody else may be meant.'
            : 'Taken together this counts for more.')];
    }

    /** @return list<WorkingLine> */
    private function lines(): array
    {
        $lines = [];
        foreach ($this->score->weights() as $aspect => $weight) {
            if (abs($weight) >= self::SLIGHT) {
                $lines[] = new WorkingLine(Aspect::from($aspect), $weight, $this->says(Aspect::from($aspect), $weight));
            }
        }

        return $lines;
    }

    private function says(Aspect $aspect, float $weight): string
    {
        $fields = $this->score->fields;
        $kin = $this->score->kin;
        $p = $this->people;

        return match ($aspect) {
            Aspect::Given => self::given($fields->given),
            Aspect::Surname => self::surname($fields->surname),
            Aspect::Sex => 'One is female and the other male.',
            Aspect::Birth => self::days($fields->birth, 'births', 'The christening follows the birth as it should.'),
            Aspect::Death => self::days($fields->death, 'deaths', 'The burial follows the death as it should.'),
            Aspect::BirthPlace => self::place($fields->birthPlace, 'Birthplaces'),
            Aspect::DeathPlace => self::place($fields->deathPlace, 'Places of death'),
            Aspect::Parents => $this->kin('parents', $weight, $kin->areSiblings,
                array_intersect($p->parents[$this->a], $p->parents[$this->b]) !== []),
            Aspect::Partners => $this->kin('partners', $weight, $kin->haveOnePartner,
                array_intersect($p->partners[$this->a], $p->partners[$this->b]) !== []),
            Aspect::Children => $this->kin('children', $weight, $kin->haveOneChild,
                array_intersect($p->children[$this->a], $p->children[$this->b]) !== []),
            Aspect::Siblings => $weight > 0 ? 'Brothers and sisters have the same names.' : 'Brothers and sisters have other names.',
            Aspect::Together => '',
            Aspect::Prior => 'Before anything is compared, '.self::oneIn($weight).' is one person twice.',
        };
    }

    private static function given(int $level): string
    {
        return match ($level) {
            GivenLevel::SAME_WHOLE => 'All given names are the same.',
            GivenLevel::SAME_FIRST => 'The given name is the same.',
            GivenLevel::SECOND_MISSING => 'The first name is the same; only one has a second.',
            GivenLevel::SECOND_DIFFERS => 'The first name is the same, the second another.',
            GivenLevel::VARIANT => 'One given name is a form of the other.',
            GivenLevel::INITIAL => 'An initial fits the other’s given name.',
            GivenLevel::ALIKE => 'The given names sound or look alike.',
            GivenLevel::BY_SECOND => 'They agree in a second name.',
            default => 'The given names are different.',
        };
    }

    private static function surname(int $level): string
    {
        return match ($level) {
            SurnameLevel::SAME => 'The surname is the same.',
            SurnameLevel::ALIKE => 'The surnames sound or look alike.',
            SurnameLevel::PATRONYMIC => 'The surnames are made of the same father’s name.',
            SurnameLevel::MARRIED => 'One stands under the surname of a husband.',
            default => 'The surnames are different.',
        };
    }

    private static function days(int $level, string $what, string $follows): string
    {
        return match ($level) {
            DateLevel::SAME_DAY => "The {$what} are on the same day.",
            DateLevel::SWAPPED => "The {$what} are on the same day if day and month changed places.",
            DateLevel::OTHER_YEAR => "The {$what} are on the same day of different years.",
            DateLevel::NEAR => "The {$what} are less than a month apart.",
            DateLevel::FITS => "The {$what} can be the same.",
            DateLevel::FOLLOWS => $follows,
            DateLevel::WITHIN_YEAR, DateLevel::ABOUT_WITHIN_YEAR => "The {$what} are less than a year apart.",
            DateLevel::WITHIN_THREE, DateLevel::ABOUT_WITHIN_THREE => "The {$what} are one to three years apart.",
            DateLevel::WITHIN_TEN, DateLevel::ABOUT_WITHIN_TEN => "The {$what} are three to ten years apart.",
            default => "The {$what} are more than ten years apart.",
        };
    }

    private static function place(int $level, string $what): string
    {
        return match ($level) {
            PlaceLevel::SAME => "{$what} are the same.",
            PlaceLevel::FITS => "{$what} fit: one lies in the other, or is spelt otherwise.",
            PlaceLevel::NEAR => "{$what} are different, in one wider place.",
            default => "{$what} are different.",
        };
    }

    /** @param  float  $odds  from 0 to 1, that some of them were found to be the same */
    private function kin(string $what, float $weight, float $odds, bool $areSame): string
    {
        $percent = round(100 * $odds);

        return match (true) {
            $areSame => "They have {$what} in common.",
            $odds >= 0.5 => "Some of their {$what} are likely the same people, too ({$percent} %).",
            $weight > 0 => "The names of their {$what} agree.",
            default => "The names of their {$what} disagree.",
        };
    }

    private static function oneIn(float $logOdds): string
    {
        return '1 in '.number_format(2 ** min(50.0, -$logOdds)).' pairs';
    }
}
