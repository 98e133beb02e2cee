<?php

declare(strict_types=1);

namespace NorthBough\Core\Linkage\Doubles;

/**
 * Finds who may stand twice among people. Candidates are looked at by themselves, then with their kin, then again with
 * what was found of their kin, until it settles; how far doubles agree is learnt from those that are found
 * (expectation maximisation: A. P. Dempster, N. M. Laird and D. B. Rubin, Journal of the Royal Statistical Society B 39
 * (1977)).
 */
final class DoubleFinder
{
    /** What two must reach by themselves to be looked at with their kin: kin can make up for so many bits. */
    private const WORTH_A_LOOK = -14.0;

    private const WORTH_KEEPING = -7.0;

    private const ROUNDS = 4;

    /** A probability from which the kin of two are compared, too. */
    private const LOOK_AT_KIN = 0.15;

    public MatchModel $model;

    public int $candidates = 0;

    /** @var array<int, float> log odds to the base 2, by pair */
    private array $logOdds = [];

    private Findings $found;

    /**
     * @param  \Closure(float): void  $progress  told how far it is, from 0 to 1, or -1 for no farther; may throw to end it
     * @param  array<int, true>|null  $scope  numbers of the people whose doubles are looked for; null for everybody
     * @param  MatchModel|null  $learnt  what was learnt from the whole tree, for a part of it; null to learn it
     */
    public function __construct(
        private readonly PeopleTable $people,
        private readonly \Closure $progress,
        private readonly ?array $scope = null,
        private readonly SharedWork $workers = new OneProcess,
        private readonly ?MatchModel $learnt = null,
    ) {
        $this->model = $learnt ?? MatchModel::expected($people->size());
        $this->found = new Findings;
    }

    /**
     * @param  float  $least  the probability from which a pair is given
     * @return list<ScoredPair> the likeliest first
     */
    public function find(float $least): array
    {
        $this->people->settle();
        $pairs = $this->candidates();
        for ($round = 0; $round < self::ROUNDS; $round++) {
            ($this->progress)(0.5 + 0.4 * $round / self::ROUNDS);
            $pairs = $this->look($pairs, $round === self::ROUNDS - 1);
            if ($round < self::ROUNDS - 1) {
                $pairs = $this->withKin($pairs);
            }
        }

        return $this->best($least);
    }

    /** @return list<int> pairs worth looking at with their kin */
    private function candidates(): array
    {
        $all = (new CandidatePairs($this->people))->all();
        if ($this->scope !== null) {
            $all = array_values(array_filter($all, fn (int $pair): bool => isset($this->scope[$pair >> 21])
                || isset($this->scope[$pair & 0x1FFFFF])));
        }
        $this->candidates = count($all);

        return $this->workers->over($all, function (array $pairs, \Closure $progress): array {
            $score = new PairScore($this->people, $this->model);
            $contradictions = new HardContradictions($this->people);
            $kept = [];
            $of = count($pairs);
            foreach ($pairs as $at => $pair) {
                if (($at & 0x3FFF) === 0) {
                    $progress(0.1 + 0.4 * $at / $of);
                }
                [$a, $b] = [$pair >> 21, $pair & 0x1FFFFF];
                if ($score->reaches(self::WORTH_A_LOOK, $a, $b) && $contradictions->between($a, $b) === ''
                    && $score->of($a, $b) >= self::WORTH_KEEPING) {
                    $kept[] = $pair;
                }
            }

            return $kept;
        }, $this->progress);
    }

    /**
     * @param  list<int>  $pairs
     * @return list<int> those that are worth keeping
     */
    private function look(array $pairs, bool $isLast): array
    {
        $score = new PairScore($this->people, $this->model);
        $score->kin->found = $this->found;
        $found = new Findings;
        $logOdds = [];
        $counted = [];
        $doubles = 0.0;
        foreach ($pairs as $at => $pair) {
            if (($at & 0x1FFF) === 0) {
                ($this->progress)(-1.0);
            }
            $sum = $score->of($pair >> 21, $pair & 0x1FFFFF);
            if ($sum < self::WORTH_KEEPING) {
                continue;
            }
            $logOdds[$pair] = $sum;
            $score->note($found, $pair);
            $probability = PairScore::probability($sum);
            $doubles += $probability;
            $isLast || self::count($counted, $score->fields, $probability);
        }
        $this->found = $found;
        $this->logOdds = $logOdds;
        if (! $isLast && $this->learnt === null) {
            $this->model = $this->model->learning($counted, $doubles, $this->people->size());
        }

        return array_keys($logOdds);
    }

    /** @param  array<string, array<int, float>>  $counted */
    private static function count(array &$counted, FieldScore $fields, float $probability): void
    {
        foreach ([[Aspect::Given, $fields->given], [Aspect::Surname, $fields->surname], [Aspect::Birth, $fields->birth],
            [Aspect::Death, $fields->death], [Aspect::BirthPlace, $fields->birthPlace],
            [Aspect::DeathPlace, $fields->deathPlace]] as [$aspect, $level]) {
            $counted[$aspect->value][$level] = ($counted[$aspect->value][$level] ?? 0.0) + $probability;
        }
    }

    /**
     * Adds parents, partners and children of those who were found, whatever their names.
     *
     * @param  list<int>  $pairs
     * @return list<int>
     */
    private function withKin(array $pairs): array
    {
        $p = $this->people;
        $contradictions = new HardContradictions($p);
        $have = array_fill_keys($pairs, true);
        foreach ($this->logOdds as $pair => $logOdds) {
            if (PairScore::probability($logOdds) < self::LOOK_AT_KIN) {
                continue;
            }
            [$a, $b] = [$pair >> 21, $pair & 0x1FFFFF];
            foreach ([[$p->parents[$a], $p->parents[$b]], [$p->partners[$a], $p->partners[$b]],
                [array_slice($p->children[$a], 0, 16), array_slice($p->children[$b], 0, 16)]] as [$mine, $theirs]) {
                foreach ($mine as $one) {
                    foreach ($theirs as $two) {
                        $kin = PeopleTable::pair($one, $two);
                        if ($one !== $two && ! isset($have[$kin]) && $contradictions->between($one, $two) === '') {
                            $have[$kin] = true;
                            $pairs[] = $kin;
                        }
                    }
                }
            }
        }

        return $pairs;
    }

    /** @return list<ScoredPair> */
    private function best(float $least): array
    {
        $score = new PairScore($this->people, $this->model);
        $score->kin->found = $this->found;
        $pairs = [];
        foreach ((new Rivalry($this->logOdds))->probabilities() as $pair => $probability) {
            if ($probability >= $least) {
                [$a, $b] = [$pair >> 21, $pair & 0x1FFFFF];
                $score->of($a, $b);
                $pairs[] = new ScoredPair($this->people->ids[$a], $this->people->ids[$b], $probability,
                    PairWorking::of($score, $this->people, $a, $b, $probability));
            }
        }
        usort($pairs, static fn (ScoredPair $one, ScoredPair $two): int => [$two->probability, $one->a, $one->b]
            <=> [$one->probability, $two->a, $two->b]);

        return $pairs;
    }
}
