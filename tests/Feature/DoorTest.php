<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\Api\Door;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use PHPUnit\Framework\Attributes\DataProvider;

/** What of a field comes through the door, and what is turned away. */
final class DoorTest extends TestCase
{
    /** @return iterable<string, array{list<string>, mixed, mixed}> the rules; what is sent; what comes in, or false where it is refused */
    public static function fields(): iterable
    {
        $id = '01a21cae-e40a-7057-b626-d2291417e2b4';
        yield 'blanks in a text stay' => [['nullable', 'string'], " \t", " \t"];
        yield 'an emptied text stays emptied' => [['nullable', 'string'], '', ''];
        yield 'a number' => [['integer'], 7, 7];
        yield 'a number in words' => [['integer'], '7', 7];
        yield 'true is no number' => [['integer'], true, false];
        yield 'a number too large to keep' => [['integer'], 3_000_000_000, false];
        yield 'a fraction where a whole number is meant' => [['integer'], 1.5, false];
        yield 'blanks where a number is meant' => [['nullable', 'integer'], '  ', null];
        yield 'blanks where a number is needed' => [['required', 'integer'], '  ', false];
        yield 'a measure in words' => [['numeric'], '0.25', 0.25];
        yield 'yes as a number' => [['boolean'], 1, true];
        yield 'yes as words' => [['boolean'], '1', true];
        yield 'blanks where yes or no is meant' => [['nullable', 'boolean'], ' ', null];
        yield 'an id' => [['nullable', 'uuid'], $id, $id];
        yield 'blanks where an id is meant' => [['nullable', 'uuid'], ' ', null];
        yield 'an emptied id where none is a choice' => [['nullable', 'string', 'uuid'], '', ''];
        yield 'blanks where none is a choice' => [['nullable', 'string', 'uuid'], "\n", ''];
        yield 'half an id' => [['nullable', 'uuid'], substr($id, 0, 20), false];
        yield 'a choice' => [['nullable', 'in:F,M'], 'F', 'F'];
        yield 'a choice that is none' => [['nullable', 'in:F,M'], 'Q', false];
        yield 'blanks where one is to be chosen' => [['nullable', 'in:F,M'], ' ', null];
        yield 'a day' => [['nullable', 'date_format:Y-m-d'], '1881-04-03', '1881-04-03'];
        yield 'blanks for a day' => [['nullable', 'date_format:Y-m-d'], '', null];
        yield 'a list' => [['array'], ['a'], ['a']];
        yield 'blanks where a list is meant' => [['nullable', 'array'], ' ', null];
        yield 'a list where a text is meant' => [['string'], ['a'], false];
    }

    /** @param  list<string>  $rules */
    #[DataProvider('fields')]
    public function test_what_comes_in(array $rules, mixed $sent, mixed $comesIn): void
    {
        try {
            $came = Door::checked(Request::create('/', 'POST', ['field' => $sent]), ['field' => $rules])['field'] ?? null;
        } catch (ValidationException) {
            $came = false;
        }
        self::assertSame($comesIn, $came);
    }

    public function test_fields_within_lists_are_checked_by_the_rule_of_their_kind(): void
    {
        $rules = ['choices' => ['array'], 'choices.*.id' => ['nullable', 'uuid'], 'choices.*.why' => ['nullable', 'string']];
        $came = Door::checked(
            Request::create('/', 'POST', ['choices' => [['id' => ' ', 'why' => ' '], ['id' => '', 'why' => 'The letter.']]]), $rules);
        self::assertSame([['id' => null, 'why' => ' '], ['id' => null, 'why' => 'The letter.']], $came['choices']);
        $this->expectException(ValidationException::class);
        Door::checked(Request::create('/', 'POST', ['choices' => [['id' => 'x']]]), $rules);
    }
}
