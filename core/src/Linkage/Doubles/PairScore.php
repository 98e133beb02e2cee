<?php

declare(strict_types=1);

namespace NorthBough\Core\Linkage\Doubles;

/** What speaks for two being one, all taken together. */
final class PairScore
{
    /**
     * By how much what is summed overrates itself, since aspects hang together: measured on trees of known doubles so
     * that of the pairs of nine in ten, nine in ten are doubles.
     */
    private const SLOPE = 0.9;

    public readonly FieldScore $fields;

    private float $themselves = 0.0;

    public readonly KinScore $kin;

    public function __construct(private readonly PeopleTable $people, private readonly MatchModel $model)
    {
        $this->fields = new FieldScore($people, $model);
        $this->kin = new KinScore($people, $this->fields, $model->prior);
    }

    /** @return float log odds to the base 2 */
    public function of(int $a, int $b): float
    {
        $kin = $this->kin->of($a, $b);
        $this->themselves = $this->model->prior + $this->fields->of($a, $b);
        $fields = $this->kin->areSiblings < 0.01 ? $this->themselves
            : $this->model->prior + $this->fields->asSiblings($this->kin->areSiblings, $this->isGrown($a) && $this->isGrown($b),
                $this->kin->areOnlyOnesOfTheirName($a, $b));

        return $fields + $kin;
    }

    /** What was said of the pair that was asked last, for its kin to lean on. */
    public function note(Findings $found, int $pair): void
    {
        $kin = $this->kin;
        self::keep($found->ofParents, $pair, $this->themselves + KinScore::together($kin->parentsByName, $kin->partnersByName,
            $kin->childrenByName));
        self::keep($found->ofPartners, $pair, $this->themselves + KinScore::together($kin->parentsByName, 0.0, $kin->childrenByName));
        self::keep($found->ofFathersChildren, $pair,
            $this->themselves + KinScore::together(min(0.0, $kin->mothersByName), $kin->partnersByName,
                $kin->childrenByName));
        self::keep($found->ofMothersChildren, $pair,
            $this->themselves + KinScore::together(min(0.0, $kin->fathersByName), $kin->partnersByName,
                $kin->childrenByName));
    }

    /** @param  array<int, float>  $found */
    private static function keep(array &$found, int $pair, float $logOdds): void
    {
        $probability = self::probability($logOdds);
        $probability < 0.01 || $found[$pair] = $probability;
    }

    /** Whether it reaches something with nobody to whom they are tied: a first look that costs little. */
    public function reaches(float $least, int $a, int $b): bool
    {
        return $this->fields->reaching($least - $this->model->prior, $a, $b) >= $least - $this->model->prior;
    }

    /** @param  float  $logOdds  to the base 2 */
    public static function odds(float $logOdds): float
    {
        return 2 ** max(-60.0, min(60.0, self::SLOPE * $logOdds));
    }

    /** @param  float  $logOdds  to the base 2 */
    public static function probability(float $logOdds): float
    {
        return 1 / (1 + 1 / self::odds($logOdds));
    }

    /** @return array<string, float> of the pair that was asked last, by aspect */
    public function weights(): array
    {
        return array_filter([
            Aspect::Given->value => $this->fields->givenWeight,
            Aspect::Surname->value => $this->fields->surnameWeight,
            Aspect::Sex->value => $this->fields->sexWeight,
            Aspect::Birth->value => $this->fields->birthWeight,
            Aspect::BirthPlace->value => $this->fields->birthPlaceWeight,
            Aspect::Death->value => $this->fields->deathWeight,
            Aspect::DeathPlace->value => $this->fields->deathPlaceWeight,
            Aspect::Parents->value => $this->kin->parents,
            Aspect::Siblings->value => $this->kin->siblings,
            Aspect::Partners->value => $this->kin->partners,
            Aspect::Children->value => $this->kin->children,
            Aspect::Prior->value => $this->model->prior,
        ]);
    }

    private function isGrown(int $person): bool
    {
        if ($this->people->partners[$person] !== [] || $this->people->children[$person] !== []) {
            return true;
        }
        $born = $this->people->windows[8 * $person + 1];
        $died = $this->people->windows[8 * $person + 2];

        return $born !== PeopleTable::NONE && $died !== PeopleTable::NONE && $died - $born > 4000;
    }
}
