<?php

declare(strict_types=1);

namespace NorthBough\Core\Citation;

/** Codes by which the values of fields are kept: no two of one kind are the same. */
final class FieldCodes
{
    /**
     * @param  list<array<mixed>>  $fields  fields as they are shared, each with a code or none
     * @param  string  $begin  of a code that is made
     * @return list<array<mixed>> the same; a code that is missing, or that one before has, is made anew
     */
    public static function apart(array $fields, string $begin): array
    {
        $taken = [];
        foreach ($fields as $field) {
            $taken[self::of($field)] = true;
        }
        $seen = [];
        foreach ($fields as $at => $field) {
            $code = self::of($field);
            for ($number = $at + 1; $code === '' || isset($seen[$code]); $number++) {
                $code = isset($taken["{$begin}{$number}"]) ? '' : "{$begin}{$number}";
            }
            $seen[$code] = $taken[$code] = true;
            $fields[$at]['code'] = $code;
        }

        return $fields;
    }

    /** @param  array<mixed>  $field */
    private static function of(array $field): string
    {
        return is_string($field['code'] ?? null) ? trim($field['code']) : '';
    }
}
