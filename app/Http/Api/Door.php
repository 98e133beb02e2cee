<?php

declare(strict_types=1);

namespace App\Http\Api;

use Illuminate\Http\Request;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\Validator;
use Illuminate\Validation\Rules\In;
use Illuminate\Validation\ValidationException;

/**
 * Checks what was sent against the rules of an input. The framework alone lets three things by: it checks no rule on a
 * field that holds only blanks, it takes true for the number one, and it leaves a number that came as words as words.
 */
final class Door
{
    private const WHOLE_NUMBER = ['numeric', 'min:-2147483648', 'max:2147483647'];

    /**
     * @param  array<string, list<mixed>>  $rules
     * @return array<string, mixed>
     *
     * @throws ValidationException with a sentence a field
     */
    public static function checked(Request $request, array $rules): array
    {
        $sent = $request->all();
        foreach (Arr::dot($sent) as $path => $value) {
            $of = $rules[self::field((string) $path)] ?? null;
            if (is_string($value) && $of !== null && trim($value) === '') {
                data_set($sent, (string) $path, match (true) {
                    ! self::takesBlanks($of) => null,
                    in_array('uuid', $of, true) => '',
                    default => $value,
                });
            }
        }
        $strict = array_map(static fn (array $of): array => in_array('integer', $of, true) ? [...$of, ...self::WHOLE_NUMBER] : $of, $rules);

        return self::typed(Validator::make($sent, $strict)->validate(), $rules);
    }

    /** The name of the rule that a place among what was sent has: choices.3.personId is choices.*.personId. */
    private static function field(string $path): string
    {
        return (string) preg_replace('/\.\d+(?=\.|$)/', '.*', $path);
    }

    /**
     * Whether a field of only blanks means what it says: a text, or a choice or an id that can be none. Of anything else
     * it is a field that was not filled in.
     *
     * @param  list<mixed>  $rules
     */
    private static function takesBlanks(array $rules): bool
    {
        $words = array_map(static fn (mixed $rule): string => match (true) {
            is_string($rule), $rule instanceof In => (string) $rule,
            $rule instanceof TakesBlanks => 'string',
            default => 'chosen',
        }, $rules);
        $choices = preg_grep('/^(?:in:|chosen$|date_format:)/', $words);

        return $choices === [] || $choices === false
            ? in_array('string', $words, true)
            : preg_grep('/^in:(?:.*,)?(?:""|)(?:,|$)/', $choices) !== [];
    }

    /**
     * @param  array<string, mixed>  $sent
     * @param  array<string, list<mixed>>  $rules
     * @return array<string, mixed> with numbers as numbers
     */
    private static function typed(array $sent, array $rules): array
    {
        foreach ($sent as $name => $value) {
            $of = $rules[$name] ?? [];
            $sent[$name] = match (true) {
                $value !== null && in_array('integer', $of, true) => (int) $value,
                $value !== null && in_array('numeric', $of, true) => (float) $value,
                $value !== null && in_array('boolean', $of, true) => filter_var($value, FILTER_VALIDATE_BOOL),
                default => $value,
            };
        }

        return $sent;
    }
}
