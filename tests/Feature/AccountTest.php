<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\User;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;

final class AccountTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        Auth::logout();
    }

    public function test_signs_in_and_out(): void
    {
        $this->getJson('/api/session')->assertOk()->assertJson(['user' => null]);
        $this->postJson('/api/session', ['email' => ' Una@Marren.example', 'password' => 'kelp-and-slate'])->assertOk()
            ->assertJsonPath('user.name', 'una');
        $this->getJson('/api/trees')->assertOk()->assertJsonPath('trees.0.name', 'Marren');
        $this->deleteJson('/api/session')->assertNoContent();
        Auth::forgetGuards();
        $this->getJson('/api/trees')->assertStatus(401)->assertJsonPath('message', 'Sign in first.');
    }

    public function test_a_wrong_password_gets_one_sentence_and_tries_are_limited(): void
    {
        for ($try = 0; $try < 10; $try++) {
            $this->postJson('/api/session', ['email' => 'una@marren.example', 'password' => 'guess'])->assertStatus(422);
        }
        $this->postJson('/api/session', ['email' => 'una@marren.example', 'password' => 'kelp-and-slate'])->assertStatus(429)
            ->assertJsonPath('message', 'Too many tries. Wait a minute and try again.');
    }

    public function test_makes_an_account_that_has_no_trees_but_its_own(): void
    {
        $this->postJson('/api/accounts', ['name' => 'Colm', 'email' => 'colm@marren.example', 'password' => 'herring-boats'])->assertOk()
            ->assertJsonPath('user.email', 'colm@marren.example');
        $this->getJson('/api/trees')->assertOk()->assertJson(['trees' => []]);
        self::assertNotSame('herring-boats', User::query()->where('email', 'colm@marren.example')->firstOrFail()->password);
    }

    public function test_a_closed_place_makes_the_first_account_only(): void
    {
        config(['northbough.accounts' => 'closed']);
        $new = ['name' => 'Colm', 'email' => 'colm@marren.example', 'password' => 'herring-boats'];
        $this->postJson('/api/accounts', $new)->assertForbidden();
        DB::table('users')->delete();
        $this->getJson('/api/session')->assertJson(['firstAccount' => true, 'accountsOpen' => true]);
        $this->postJson('/api/accounts', $new)->assertOk();
    }

    public function test_bad_input_at_the_door_names_the_field(): void
    {
        $this->postJson('/api/accounts', ['name' => '', 'email' => 'no', 'password' => 'short'])->assertStatus(422)
            ->assertJsonValidationErrors(['name', 'email', 'password']);
        $this->postJson('/api/accounts', ['name' => 'X', 'email' => 'una@marren.example', 'password' => 'long-enough-1'])->assertStatus(422)
            ->assertJsonValidationErrors(['email']);
    }

    public function test_headers_let_nothing_in_from_elsewhere(): void
    {
        $policy = (string) $this->get('/api/session')->headers->get('Content-Security-Policy');

        self::assertStringContainsString("default-src 'none'", $policy);
        self::assertStringContainsString("script-src 'self';", $policy);
        self::assertStringContainsString("frame-ancestors 'none'", $policy);
    }
}
