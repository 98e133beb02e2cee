<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Arr;
use Illuminate\Support\Facades\DB;

/** Whatever is written behind the question mark of an address or into a field, the answer is what was asked or a refusal in words. */
final class HostileInputTest extends TestCase
{
    use EveryChange;

    /** @return array<string, string> */
    private static function written(): array
    {
        return [
            'nothing' => '',
            'blanks' => " \t ",
            'a quote' => "'",
            'the end of a statement' => "'; DROP TABLE people; --",
            'signs of a pattern' => '%_\\',
            'an expression that is not closed' => '((([',
            'operators of a word search' => '& | ! <-> :*',
            'a nought byte' => "a\0b",
            'bytes that are no letters' => "\xC3\x28\xFF",
            'a number past all numbers' => '99999999999999999999',
            'a number below nought' => '-1',
            'a fraction' => '1.5e308',
            'an id of nobody' => '00000000-0000-7000-8000-000000000000',
            'half an id' => '00000000-0000-7000',
            'a cursor of words' => base64_encode('["a","b"]'),
            'a cursor of numbers' => base64_encode('[99999999999,"00000000-0000-7000-8000-000000000000"]'),
            'a cursor with a nought byte' => base64_encode('["\\u0000","00000000-0000-7000-8000-000000000000"]'),
            'a mark of a program' => '<script>alert(1)</script>',
            'letters from right to left' => "\u{202E}Osk\u{200F}\u{0301}",
            'four thousand letters' => str_repeat('Osk ', 1000),
        ];
    }

    public function test_every_reading_route_answers_in_words(): void
    {
        $queries = $this->queries($this->family());
        foreach (self::written() as $written) {
            $this->askEverything($queries, $written);
        }
    }

    /** @param  array<string, list<string>>  $queries */
    private function askEverything(array $queries, string $written): void
    {
        $asked = 0;
        foreach ($queries as $path => $names) {
            foreach ($names as $name) {
                $answer = $this->api('GET', $path.'?'.http_build_query([$name => $written]));
                self::assertLessThan(500, $answer->getStatusCode(),
                    "{$path} with {$name}: ".mb_substr((string) $answer->getContent(), 0, 300));
                self::assertStringNotContainsString('SQLSTATE', (string) $answer->getContent(), $path);
                $asked++;
            }
            self::assertLessThan(500, $this->api('GET', $path.'?'.http_build_query(array_fill_keys($names, $written)))->getStatusCode(),
                "{$path} with all of it");
        }
        self::assertGreaterThan(40, $asked);
        self::assertSame(5, DB::table('people')->where('tree_id', $this->tree->id)->count());
    }

    public function test_a_list_where_one_word_is_meant_is_answered_in_words(): void
    {
        foreach ($this->queries($this->family()) as $path => $names) {
            foreach ($names as $name) {
                $answer = $this->api('GET', $path.'?'.http_build_query([$name => ['a' => ['b' => 'c']]]));
                self::assertLessThan(500, $answer->getStatusCode(),
                    "{$path} with {$name}: ".mb_substr((string) $answer->getContent(), 0, 300));
            }
        }
    }

    public function test_every_field_of_every_change_is_checked_at_the_door(): void
    {
        $family = $this->family();
        foreach (self::CHANGES as $change) {
            DB::beginTransaction();
            $this->tryEveryField($change, ...$this->asked($change, $family));
            DB::rollBack();
        }
    }

    /** @param  array<string, mixed>  $body */
    private function tryEveryField(string $change, string $method, string $path, array $body): void
    {
        $hostile = [" \t ", '', "a\0b", str_repeat('Osk ', 30000), ['a' => ['b' => []]], -1, 3_000_000_000, 1e300, true, '1', null,
            '00000000-0000-7000-8000-000000000000', '<b>%_\\\'"', []];
        $fields = array_unique([...array_keys($body), ...array_keys(Arr::dot($body))]);
        foreach ($fields as $field) {
            foreach ($hostile as $at => $value) {
                $said = $body;
                data_set($said, (string) $field, $value);
                $answer = $this->api($method, $path, $said);
                self::assertLessThan(500, $answer->getStatusCode(),
                    "{$change} with {$field} as the hostile value {$at}: ".mb_substr((string) $answer->getContent(), 0, 300));
            }
        }
        self::assertLessThan(500, $this->api($method, $path, [])->getStatusCode(), "{$change} with nothing");
    }

    /**
     * @param  array<string, string>  $family
     * @return array<string, list<string>> names of what can be asked, by address
     */
    private function queries(array $family): array
    {
        $paths = json_decode((string) file_get_contents(base_path('docs/openapi.json')), true, flags: JSON_THROW_ON_ERROR)['paths'];
        $known = [...$family, 'question' => $family['case'], 'kind' => 'ancestors', 'list' => 'places', 'run' => $this->looked(),
            'otherPerson' => $family['second'], 'subjects' => $family['person']];
        $queries = [];
        foreach ($paths as $path => $methods) {
            $names = array_column(
                array_filter($methods['get']['parameters'] ?? [], static fn (array $method): bool => $method['in'] === 'query'), 'name');
            if ($names !== [] && str_starts_with($path, '/api/trees/{tree}')) {
                $queries[(string) preg_replace_callback('/\{(\w+)\}/', static fn (array $m): string => $known[$m[1]],
                    substr($path, strlen('/api/trees/{tree}')))] = $names;
            }
        }

        return $queries;
    }
}
