<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\Journal\Resources\DoneResource;
use App\Http\People\Resources\NamedPerson;
use App\Http\Security\AnswerRedaction;
use App\Trees\Changes\AuthoredTables;
use App\Trees\Scope\Audience;
use App\Trees\Storage\StoredColumns;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Who somebody living is does not reach those who may not see it, whatever text it is written in. */
final class AudienceTest extends TestCase
{
    use EveryChange;

    public function test_a_living_name_in_any_text_reaches_no_reader_and_no_file(): void
    {
        $addresses = array_values(
            array_filter($this->readable($this->family()), static fn (string $address): bool => ! str_contains($address, '/tiles/')));
        $this->person('Zenobia Quill w b 3 May 1990');
        $planted = $this->plant('Zenobia Quill');
        self::assertGreaterThan(60, count($planted), 'Planted in: '.implode(', ', $planted));

        $told = array_filter($addresses, fn (string $address): bool => str_contains($this->said($address), 'Zenobia'));
        self::assertGreaterThan(20, count($told), 'The owner reads it.');

        $reader = $this->account('reader@marren.example');
        DB::table('members')->insert(['tree_id' => $this->tree->id, 'user_id' => $reader->id, 'role' => 'reader']);
        $this->actingAs($reader);
        foreach ($addresses as $address) {
            self::assertStringNotContainsString('Zenobia', $this->said($address), $address);
        }
    }

    public function test_each_audience_may_do_what_those_before_it_may(): void
    {
        $may = static fn (Audience $who): array => array_values(
            array_filter(Audience::cases(), static fn (Audience $needed): bool => $who->mayDo($needed)));
        self::assertCount(5, $may(Audience::Owner));
        self::assertSame([Audience::Editor, Audience::Reader, Audience::Public, Audience::AnotherService], $may(Audience::Editor));
        self::assertSame([Audience::Reader, Audience::Public, Audience::AnotherService], $may(Audience::Reader));
        $sees = fn (): array => array_map(fn (Audience $who): bool => $who->seesLiving($this->tree), Audience::cases());
        self::assertSame([true, true, false, false, false], $sees());
        $this->tree->readers_see_living = true;
        self::assertSame([true, true, true, false, false], $sees());
    }

    public function test_every_text_of_an_answer_is_searched_but_names_that_are_shielded_already(): void
    {
        $answer = new DoneResource('Una Osk');
        $person = new NamedPerson('una', 7, 'Una Osk', '');
        $redacted = (new AnswerRedaction(static fn (string $text): string => str_replace('Una Osk', '[living]', $text)))
            ->of(['done' => [$answer], 'person' => $person, 'said' => (object) ['valid' => 'Una Osk']]);
        self::assertSame(
            '{"done":[{"said":"[living]"}],"person":{"id":"una","number":7,"name":"Una Osk","life":""},"said":{"valid":"[living]"}}',
            json_encode($redacted));
    }

    private function said(string $address): string
    {
        $answer = $this->get("/api/trees/{$this->tree->id}{$address}");
        self::assertLessThan(500, $answer->getStatusCode(), $address);

        return $answer->baseResponse instanceof BinaryFileResponse ? $answer->streamedContent() : (string) $answer->getContent();
    }

    /** @return list<string> the columns into which it went; those that hold one of a few words refuse it */
    private function plant(string $name): array
    {
        $planted = [];
        foreach (array_diff(AuthoredTables::names(), ['names']) as $table) {
            $types = array_column(Schema::getColumns($table), 'type_name', 'name');
            foreach (StoredColumns::freeTexts(AuthoredTables::model($table)) as $column) {
                if (! in_array($types[$column] ?? '', ['text', 'varchar'], true)) {
                    continue;
                }
                try {
                    DB::transaction(fn (): int => DB::table($table)->where('tree_id', $this->tree->id)
                        ->update([$column => DB::raw("{$column} || ' {$name}'")]));
                    $planted[] = "{$table}.{$column}";
                } catch (QueryException) {
                    // A check of the column refuses it.
                }
            }
        }

        return $planted;
    }
}
