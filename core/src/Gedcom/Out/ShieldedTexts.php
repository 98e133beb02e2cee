<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Out;

use Closure;
use NorthBough\Core\Gedcom\Row\TextRow;
use NorthBough\Core\Prose\CallsIn;

/** Texts for a file that leaves the house: what is told of somebody living is taken out of them, and those about the living stay. */
final class ShieldedTexts
{
    /**
     * @param  iterable<TextRow>  $texts
     * @param  Closure(string): bool  $isLiving  told the id of a person
     * @return iterable<TextRow> in which names still stand where somebody wrote them out
     */
    public static function of(iterable $texts, Closure $isLiving): iterable
    {
        foreach ($texts as $text) {
            if (array_filter($text->about(), $isLiving) === []) {
                yield self::without($text, $isLiving);
            }
        }
    }

    /** @param  Closure(string): bool  $isLiving */
    private static function without(TextRow $text, Closure $isLiving): TextRow
    {
        $isWithheld = static fn (string $id): bool => array_filter($text->whose[$id] ?? [], $isLiving) !== [];
        $body = CallsIn::withholding((array) json_decode($text->body, true, flags: JSON_THROW_ON_ERROR),
            static fn (string $type, array $call): bool => match ($type) {
                'fact' => $isWithheld($call['owner'] ?? '') || $isWithheld($call['of'] ?? '')
                    || in_array($call['fact'] ?? '', $text->withheldFacts, true),
                'person' => $isWithheld($call['person'] ?? ''),
                default => false,
            });

        return $text->saying(json_encode($body, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE));
    }
}
