<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\Inference;

use NorthBough\Core\Record\Assertion;
use NorthBough\Core\Record\Roll;
use NorthBough\Core\Record\RollLine;

/** Every rule of what follows from the words. A new one is one file and one line here. */
final class InferenceRules
{
    /** @return list<InferenceRule> */
    private static function all(): array
    {
        return [
            new PresenceInference, new PrincipalEventInference, new DatedEventInference, new AgeInference, new BirthplaceInference,
            new SexInference, new OccupationInference, new ResidenceInference,
            new RelationshipInference, new MarriageLengthInference, new MaritalStatusInference, new ChildCountInference, new AliveInference,
            new RegistrationInference,
        ];
    }

    /** @return list<Assertion> all that one line tells */
    public static function of(Roll $roll, RollLine $line): array
    {
        $assertions = [];
        foreach (self::all() as $rule) {
            array_push($assertions, ...$rule->follow($roll, $line));
        }

        return $assertions;
    }
}
