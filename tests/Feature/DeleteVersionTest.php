<?php

declare(strict_types=1);

namespace Tests\Feature;

/** What somebody changed meanwhile is not deleted unseen. */
final class DeleteVersionTest extends TestCase
{
    use EveryChange;

    /** Memberships have nothing that could change. */
    private const HAVE_NO_VERSION = ['DELETE people/{person}/groups/{group}', 'DELETE people/{person}/marks/{mark}'];

    public function test_a_delete_of_what_was_changed_since_it_was_read_is_refused(): void
    {
        $family = $this->family();
        $asked = 0;
        foreach (array_diff(self::CHANGES, self::HAVE_NO_VERSION) as $change) {
            if (str_starts_with($change, 'DELETE ')) {
                [$method, $path] = $this->asked($change, $family);
                $address = "/api/trees/{$this->tree->id}/".ltrim($path, '/');
                $stored = $this->stored();
                $this->json($method, $address, [], ['If-Match' => '"99"'])->assertStatus(409)
                    ->assertJsonPath('message', 'Somebody changed this while you had it open. Look at it as it is now, then do it again.');
                self::assertSame($stored, $this->stored(), $change);
                $asked++;
            }
        }
        self::assertGreaterThan(15, $asked);
    }

    public function test_what_is_as_it_was_read_goes(): void
    {
        $person = $this->person('Ewan Tarrel b 1851');
        $fact = $this->fact($person, 'birth')->id;
        $this->api('PATCH', "/facts/{$fact}", ['date' => '1852', 'version' => 1])->assertOk();
        $delete = fn (string $version) => $this->json('DELETE', "/api/trees/{$this->tree->id}/facts/{$fact}", [], ['If-Match' => $version]);
        $delete('"1"')->assertStatus(409);
        $delete('"2"')->assertNoContent();
    }
}
