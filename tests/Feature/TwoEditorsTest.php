<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\DB;

/** Two who have one thing open: whoever saves second is told, nothing of the first is lost, and nothing of theirs is written. */
final class TwoEditorsTest extends TestCase
{
    use EveryChange;

    public function test_every_change_that_says_what_it_saw_is_refused_when_somebody_else_was_there(): void
    {
        $family = $this->family();
        $tried = [];
        foreach (self::CHANGES as $change) {
            [$method, $path, $body] = $this->asked($change, $family);
            if (! isset($body['version']) || $method === 'POST' && ! str_contains($path, '/conclude') && ! str_contains($path, '/take-in')
                && ! str_contains($path, '/decide')) {
                continue;
            }
            DB::beginTransaction();
            $stored = $this->stored();
            $answer = $this->api($method, $path, [...$body, 'version' => 77]);
            self::assertSame(409, $answer->getStatusCode(), "{$change}: {$answer->getContent()}");
            self::assertNotSame('', (string) $answer->json('message'));
            self::assertSame($stored, $this->stored(), $change);
            $this->api($method, $path, $body)->assertSuccessful();
            DB::rollBack();
            $tried[] = $change;
        }
        self::assertContains('PATCH facts/{fact}', $tried);
        self::assertGreaterThan(10, count($tried));
    }

    public function test_the_second_is_shown_what_the_first_made_of_it(): void
    {
        $ewan = $this->person('Ewan Tarrel h b 1847 Hask');
        $fact = $this->fact($ewan, 'birth')->id;
        $this->api('PATCH', "/facts/{$fact}", ['date' => '1848', 'version' => 1])->assertOk();
        $refused = $this->api('PATCH', "/facts/{$fact}", ['place' => 'Tolsay', 'version' => 1])->assertStatus(409);

        self::assertSame([['field' => 'Where', 'yours' => 'Tolsay', 'theirs' => 'Hask']], $refused->json('details.sides'));
        self::assertSame(2, $refused->json('details.version'), 'So that it can be kept all the same.');
        self::assertSame('Hask', DB::table('events')->where('id', $fact)->value('place_typed'));
        $this->api('PATCH', "/facts/{$fact}", ['place' => 'Tolsay', 'version' => 2])->assertOk();
        $birth = $this->api('GET', "/people/{$ewan}")->json('facts.0');
        self::assertSame(['1848', 'Tolsay'], [$birth['date']['typed'], $birth['place']]);
    }

    public function test_what_was_deleted_meanwhile_is_said_to_be_gone(): void
    {
        $family = $this->family();
        $this->api('DELETE', "/facts/{$family['fact']}")->assertSuccessful();
        foreach (['PATCH' => "/facts/{$family['fact']}", 'POST' => "/facts/{$family['fact']}/citations"] as $method => $path) {
            $answer = $this->api($method, $path, ['version' => 1, 'date' => '1850', 'sourceId' => $family['source']])->assertStatus(404);
            self::assertSame('That is not here: it was deleted, or the address is mistyped.', $answer->json('message'));
        }
        $this->api('DELETE', "/people/{$family['second']}")->assertSuccessful();
        $this->api('POST', "/people/{$family['person']}/relatives", ['relation' => 'mother', 'personId' => $family['second']])
            ->assertStatus(404);
        $this->api('POST', '/journal/undo')->assertOk();
        $this->api('GET', "/people/{$family['second']}")->assertOk();
    }
}
