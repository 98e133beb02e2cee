<?php

declare(strict_types=1);

namespace NorthBough\Core\Linkage\Doubles;

/**
 * How often two entries of one person agree so far, by aspect and level (the m of record linkage), and how many doubles
 * are expected: I. P. Fellegi and A. B. Sunter, "A Theory for Record Linkage", Journal of the American Statistical
 * Association 64 (1969). How often others agree by chance (the u) is counted in the tree, value by value.
 */
final readonly class MatchModel
{
    /** Levels that exclude one another, with what is expected before a tree has told anything; each list sums to 1. */
    private const EXPECTED = [
        'given name' => [[
            GivenLevel::SAME_WHOLE => 0.18, GivenLevel::SAME_FIRST => 0.49, GivenLevel::SECOND_MISSING => 0.08,
            GivenLevel::SECOND_DIFFERS => 0.02, GivenLevel::VARIANT => 0.10, GivenLevel::INITIAL => 0.02, GivenLevel::ALIKE => 0.07,
            GivenLevel::BY_SECOND => 0.02, GivenLevel::DIFFERENT => 0.02,
        ]],
        'surname' => [[
            SurnameLevel::SAME => 0.80, SurnameLevel::ALIKE => 0.09, SurnameLevel::PATRONYMIC => 0.02, SurnameLevel::MARRIED => 0.06,
            SurnameLevel::DIFFERENT => 0.03,
        ]],
        'birth' => self::EXPECTED_DAYS,
        'death' => self::EXPECTED_DAYS,
        'birthplace' => self::EXPECTED_PLACES,
        'place of death' => self::EXPECTED_PLACES,
    ];

    private const EXPECTED_DAYS = [
        [
            DateLevel::SAME_DAY => 0.80, DateLevel::SWAPPED => 0.03, DateLevel::OTHER_YEAR => 0.06, DateLevel::NEAR => 0.03,
            DateLevel::WITHIN_YEAR => 0.02, DateLevel::WITHIN_THREE => 0.03, DateLevel::WITHIN_TEN => 0.02,
        ],
        [
            DateLevel::FITS => 0.84, DateLevel::ABOUT_WITHIN_YEAR => 0.06, DateLevel::ABOUT_WITHIN_THREE => 0.06,
            DateLevel::ABOUT_WITHIN_TEN => 0.03,
        ],
        // What stands alone is not learnt from the tree.
        [DateLevel::FOLLOWS => 0.75], [DateLevel::FAR => 0.004], [DateLevel::ABOUT_FAR => 0.004],
    ];

    private const EXPECTED_PLACES = [[
        PlaceLevel::SAME => 0.68, PlaceLevel::FITS => 0.18, PlaceLevel::NEAR => 0.06, PlaceLevel::DIFFERENT => 0.08,
    ]];

    /**
     * @param  array<string, array<int, float>>  $shares  m, by aspect and level
     * @param  float  $prior  log odds, to the base 2, that two people drawn at random are one
     */
    private function __construct(public array $shares, public float $prior)
    {
    }

    /** Before the tree has told anything. */
    public static function expected(int $people): self
    {
        $shares = [];
        foreach (self::EXPECTED as $aspect => $groups) {
            $shares[$aspect] = array_replace(...$groups);
        }

        return new self($shares, self::priorOf(0.01 * $people, $people));
    }

    /**
     * @param  array<mixed>  $stored  as stored() gave it; what is missing is as expected
     */
    public static function fromStored(array $stored, int $people): self
    {
        $model = self::expected($people);
        $shares = $model->shares;
        foreach ($shares as $aspect => $levels) {
            foreach ($levels as $level => $share) {
                $kept = is_array($stored['shares'] ?? null) ? $stored['shares'][$aspect][$level] ?? null : null;
                $shares[$aspect][$level] = is_numeric($kept) && $kept > 0 ? (float) $kept : $share;
            }
        }

        return new self($shares, is_numeric($stored['prior'] ?? null) ? (float) $stored['prior'] : $model->prior);
    }

    /** @return array{shares: array<string, array<int, float>>, prior: float} */
    public function stored(): array
    {
        return ['shares' => $this->shares, 'prior' => $this->prior];
    }

    /**
     * What was counted, where it is enough to say something, beside what was expected.
     *
     * @param  array<string, array<int, float>>  $counted  how many doubles are expected at each level, by aspect
     */
    public function learning(array $counted, float $doubles, int $people): self
    {
        $shares = $this->shares;
        foreach (self::EXPECTED as $aspect => $groups) {
            foreach ($groups as $group) {
                $sum = array_sum(array_intersect_key($counted[$aspect] ?? [], $group));
                foreach (count($group) < 2 ? [] : $group as $level => $expected) {
                    $shares[$aspect][$level] = (self::TRUST * $expected + ($counted[$aspect][$level] ?? 0.0)) / (self::TRUST + $sum);
                }
            }
        }

        return new self($shares, self::priorOf($doubles, $people));
    }

    /** @return array<int, float> logarithms to the base 2 of m by level; 0 where nothing is told */
    public function logs(Aspect $aspect): array
    {
        return [0 => 0.0] + array_map(static fn (float $share): float => log($share, 2), $this->shares[$aspect->value]);
    }

    /** Doubles that what is expected is worth, beside what is counted. */
    private const TRUST = 60.0;

    private static function priorOf(float $doubles, int $people): float
    {
        $doubles = max(0.5, 0.001 * $people, min($doubles, 0.3 * $people));

        return log($doubles / max(1.0, $people * ($people - 1) / 2), 2);
    }
}
