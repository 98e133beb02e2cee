<?php

declare(strict_types=1);

namespace NorthBough\Core\Evidence;

use NorthBough\Core\Claim\ClassifiedClaim;
use NorthBough\Core\Claim\Information;
use NorthBough\Core\Claim\SourceClass;
use NorthBough\Core\Claim\WeightGrade;

/** A weight with its working, in sentences that can be checked. */
final readonly class WeightRule
{
    /** @param  non-empty-list<string>  $working */
    public function __construct(public WeightGrade $weight, public array $working)
    {
    }

    /**
     * The stated rule: strong is primary, set down near the event, and seen in the original or its image; fair fails one
     * of the three; slight fails more, or its informant is unknown. Directness and number add nothing.
     */
    public static function of(ClassifiedClaim $claim): self
    {
        if ($claim->withdrawn !== '') {
            return new self(WeightGrade::Withdrawn, ["It was withdrawn: {$claim->withdrawn}"]);
        }
        if ($claim->saidWeight !== null) {
            $rule = self::byRule($claim);

            return new self($claim->saidWeight,
                ["Said to be {$claim->saidWeight->value}: {$claim->why}", "By the rule it is {$rule->weight->value}.", ...$rule->working]);
        }

        return self::byRule($claim);
    }

    private static function byRule(ClassifiedClaim $claim): self
    {
        if (! $claim->isRead) {
            return new self(WeightGrade::Unread, ['Taken over from a file: nobody has read the record yet.']);
        }
        if ($claim->derivedFrom !== '') {
            return new self(WeightGrade::Derived, ['It comes from another claim that is here, and counts nothing beside it.']);
        }
        $isKnown = in_array($claim->information, [Information::Primary, Information::Secondary], true);
        $tests = [
            [$claim->information === Information::Primary, 'The informant knew it at first hand.',
                $isKnown ? 'The informant had it from others.' : 'Who told it, and how they knew, is not known.'],
            [$claim->isNear, 'It was set down near the event.', 'It was not set down near the event.'],
            [$claim->source === SourceClass::Original, 'It was seen in '.SourceClass::Original->word().'.',
                'It was seen in '.$claim->source->word().'.'],
        ];
        $failed = count(array_filter($tests, static fn (array $test): bool => ! $test[0]));
        $weight = match (true) {
            ! $isKnown, $failed > 1 => WeightGrade::Slight,
            $failed === 1 => WeightGrade::Fair,
            default => WeightGrade::Strong,
        };

        return new self($weight, array_map(static fn (array $test): string => $test[0] ? $test[1] : $test[2], $tests));
    }
}
