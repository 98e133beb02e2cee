<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Tree;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route as Routes;
use Illuminate\Support\Str;

/** Tries every route of a tree as somebody who has no business there. */
final class StrangersTest extends TestCase
{
    use EveryChange;

    public function test_a_stranger_gets_nowhere(): void
    {
        $this->person('Ewan Tarrel b 1851');
        $this->actingAs($this->account('stranger@marren.example'));
        foreach (self::routesOfATree() as [$method, $address]) {
            $this->json($method, self::filled($address, $this->tree->id))->assertNotFound();
        }
    }

    public function test_nobody_gets_nowhere(): void
    {
        Auth::logout();
        foreach (self::routesOfATree() as [$method, $address]) {
            $this->json($method, self::filled($address, $this->tree->id))->assertUnauthorized();
        }
    }

    public function test_a_reader_changes_nothing(): void
    {
        $reader = $this->account('reader@marren.example');
        DB::table('members')->insert(['tree_id' => $this->tree->id, 'user_id' => $reader->id, 'role' => 'reader']);
        $this->actingAs($reader);
        $this->api('GET', '/people')->assertOk();
        foreach (self::routesOfATree() as [$method, $address]) {
            // Whom a reader puts at the centre and by what they number is no change of the tree, nor is how they look at a drawing.
            if ($method !== 'GET' && ! str_ends_with($address, '/centre') && ! str_ends_with($address, '/numbering')
                && ! str_contains($address, '/reading/drawing/')) {
                $this->json($method, self::filled($address, $this->tree->id))->assertForbidden();
            }
        }
    }

    public function test_what_lies_in_another_tree_is_not_reached_through_ones_own(): void
    {
        $family = $this->family();
        $read = array_values(
            array_filter($this->readable($family), fn (string $address): bool => preg_match('/[0-9a-f]{8}-/', $address) === 1));
        $changes = array_map(fn (string $change): array => $this->asked($change, $family),
            array_values(array_filter(self::CHANGES, static fn (string $change): bool => str_contains($change, '{'))));
        $theirs = $this->stored();
        [$other, $this->tree] = [$this->tree, Tree::begin('My own', $this->user)];
        $this->enter($this->tree);

        self::assertGreaterThan(20, count($read));
        foreach ($read as $address) {
            $answer = $this->api('GET', $address);
            self::assertContains($answer->status(), [404, 422], "GET {$address}: {$answer->status()}");
            self::assertStringNotContainsString('Tarrel', (string) $answer->getContent());
        }
        self::assertGreaterThan(80, count($changes));
        foreach ($changes as [$method, $path, $body]) {
            $answer = $this->api($method, $path, $body);
            self::assertContains($answer->status(), [404, 409, 422], "{$method} {$path}: {$answer->status()}");
            self::assertStringNotContainsString('Tarrel', (string) $answer->getContent());
        }
        self::assertSame([], $this->stored());
        $this->tree = $other;
        self::assertEquals($theirs, $this->stored());
    }

    public function test_an_editor_does_not_own(): void
    {
        $editor = $this->account('editor@marren.example');
        DB::table('members')->insert(['tree_id' => $this->tree->id, 'user_id' => $editor->id, 'role' => 'editor']);
        $this->actingAs($editor);
        $this->person('Jean Penhask');
        $this->api('PATCH', '', ['name' => 'Mine'])->assertForbidden();
        $this->api('DELETE', '', ['name' => 'Marren'])->assertForbidden();
    }

    public function test_somebodys_upload_is_nobody_elses(): void
    {
        $id = $this->postJson('/api/uploads', ['name' => 'a.ged', 'size' => 3])->assertOk()->json('id');
        $this->actingAs($this->account('stranger@marren.example'));
        $this->getJson("/api/uploads/{$id}")->assertNotFound();
        $this->call('PUT', "/api/uploads/{$id}?offset=0", content: 'abc')->assertNotFound();
    }

    public function test_every_route_but_the_door_asks_who_is_there(): void
    {
        $open = ['api/session', 'api/accounts', 'api/{any}', '{any?}', 'storage/{path}', 'up'];
        foreach (Routes::getRoutes()->getRoutes() as $route) {
            $guarded = array_filter($route->gatherMiddleware(),
                static fn (mixed $m): bool => is_string($m) && ($m === 'auth' || str_starts_with($m, 'tree:')));
            self::assertTrue($guarded !== [] || in_array($route->uri(), $open, true), "{$route->uri()} lets anybody in");
        }
    }

    /** @return list<array{string, string}> */
    private static function routesOfATree(): array
    {
        $routes = array_filter(Routes::getRoutes()->getRoutes(),
            static fn (Route $route): bool => str_starts_with($route->uri(), 'api/trees/{tree}'));
        self::assertGreaterThan(35, count($routes));

        return array_values(array_map(static fn (Route $route): array => [$route->methods()[0], $route->uri()], $routes));
    }

    private static function filled(string $address, string $tree): string
    {
        $address = str_replace(['{tree}', '{kind}', '{format}', '{page}', '{level}', '{x}', '{y}', '{cut}', '{joinable}'],
            [$tree, 'ancestors', 'pdf', '0', '0', '0', '0', '0-0-9-9', 'place'], $address);

        return '/'.preg_replace('/\{\w+\}/', (string) Str::uuid7(), $address);
    }
}
