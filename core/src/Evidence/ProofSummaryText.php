<?php

declare(strict_types=1);

namespace NorthBough\Core\Evidence;

/**
 * A proof summary as it is first written from a decision: the claims, how they weigh, what was concluded and why. Whoever
 * decided may write it otherwise.
 */
final class ProofSummaryText
{
    /**
     * @param  string  $question  as a sentence
     * @param  list<array{told: string, note: string, weight: string, standing: string, origin: int}>  $claims
     */
    public static function of(string $question, array $claims, string $decision, string $reason): string
    {
        $origins = count(array_unique(array_filter(array_column($claims, 'origin'), static fn (int $origin): bool => $origin >= 0)));
        $sentences = array_map(static function (array $claim): string {
            $weight = $claim['weight'] === '' ? 'nothing is cited for it' : "{$claim['weight']}";
            $stands = $claim['standing'] === 'ruled out' ? ', ruled out' : '';

            return "{$claim['told']}: ".($claim['note'] === '' ? $weight : "{$claim['note']} ({$weight})").$stands.'.';
        }, $claims);
        $voices = match ($origins) {
            0 => 'Nothing is cited.',
            1 => 'What is told comes from one origin.',
            default => "What is told comes from {$origins} origins that do not depend on one another.",
        };

        return trim(implode("\n\n",
            array_filter([$question, implode("\n", $sentences), $voices, trim($reason),
                $decision === '' ? '' : "Concluded: {$decision}."])));
    }
}
