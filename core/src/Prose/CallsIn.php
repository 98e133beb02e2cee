<?php

declare(strict_types=1);

namespace NorthBough\Core\Prose;

use Closure;

/** Changes what was called into a text where it is kept as the editor has it. */
final class CallsIn
{
    private const CALLS = ['fact', 'citation', 'person'];

    /** What stands for words about somebody who is withheld. */
    private const WITHHELD = '[living]';

    /**
     * A text without the words of what may not be told.
     *
     * @param  array<mixed>  $body
     * @param  Closure(string, array<string, string>): bool  $isWithheld  told the type of a call and its attributes
     * @return array<mixed>
     */
    public static function withholding(array $body, Closure $isWithheld): array
    {
        return self::changed($body,
            static fn (string $type, array $call): array => $isWithheld($type, $call) ? ['told' => self::WITHHELD] + $call : $call);
    }

    /**
     * @param  array<mixed>  $node  a text, or a part of one
     * @param  Closure(string, array<string, string>): (array<string, string>|null)  $change  told the type of a call and its
     *     attributes, gives those it has from now on; null where the words that it told stay, and nothing else
     * @return array<mixed>
     */
    public static function changed(array $node, Closure $change): array
    {
        $type = is_string($node['type'] ?? null) ? $node['type'] : '';
        if (in_array($type, self::CALLS, true)) {
            $attributes = array_filter(is_array($node['attrs'] ?? null) ? $node['attrs'] : [], is_string(...));
            $changed = $change($type, $attributes);

            return $changed === null ? ['type' => 'text', 'text' => $attributes['told'] ?? ''] : ['attrs' => $changed] + $node;
        }
        if (is_array($node['content'] ?? null)) {
            $content = array_map(static fn (mixed $child): mixed => is_array($child) ? self::changed($child, $change) : $child,
                $node['content']);
            // The editor has no text of no letters.
            $node['content'] = array_values(array_filter($content, static fn (mixed $child): bool => ! is_array($child)
                || ($child['type'] ?? '') !== 'text' || ($child['text'] ?? '') !== ''));
        }

        return $node;
    }
}
