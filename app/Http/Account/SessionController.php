<?php

declare(strict_types=1);

namespace App\Http\Account;

use App\Http\Account\Inputs\AccountInput;
use App\Http\Account\Inputs\SignInInput;
use App\Http\Account\Resources\DisplayPreferencesResource;
use App\Http\Account\Resources\SessionResource;
use App\Http\Account\Resources\UserResource;
use App\Http\Api\Delete;
use App\Http\Api\Get;
use App\Http\Api\Post;
use App\Models\User;
use App\Refusal;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;

final class SessionController
{
    #[Get('/session', 'session', SessionResource::class)]
    public function show(): JsonResponse
    {
        $user = Auth::user();
        $first = User::query()->doesntExist();

        return response()->json(new SessionResource(
            $user instanceof User ? new UserResource($user->id, $user->name, $user->email, new DisplayPreferencesResource(
                $user->reading['order'] ?? 'given', $user->reading['capitals'] ?? 'no', $user->reading['married'] ?? 'birth',
                $user->reading['dates'] ?? 'short')) : null,
            $first || config('northbough.accounts') === 'open', $first,
        ));
    }

    #[Post('/session', 'signIn', SessionResource::class, SignInInput::class)]
    public function store(Request $request): JsonResponse
    {
        $input = SignInInput::from($request);
        if (! Auth::attempt(['email' => mb_strtolower(trim($input->email)), 'password' => $input->password])) {
            throw new Refusal('That address and password do not belong together. Check both and try again.', 422);
        }
        $request->session()->regenerate();

        return $this->show();
    }

    #[Post('/accounts', 'makeAccount', SessionResource::class, AccountInput::class)]
    public function make(Request $request): JsonResponse
    {
        if (config('northbough.accounts') !== 'open' && User::query()->exists()) {
            throw new Refusal('Accounts are made by whoever keeps this place. Ask them for one.', 403);
        }
        $request->merge(['email' => mb_strtolower(trim((string) $request->input('email')))]);
        $input = AccountInput::from($request);
        Auth::login(User::query()->create(['name' => trim($input->name), 'email' => $input->email, 'password' => $input->password]));
        $request->session()->regenerate();

        return $this->show();
    }

    #[Delete('/session', 'signOut')]
    public function destroy(Request $request): Response
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return response()->noContent();
    }
}
