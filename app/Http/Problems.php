<?php

declare(strict_types=1);

namespace App\Http;

use App\Refusal;
use App\Trees\Exchange\Cancelled;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Session\TokenMismatchException;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Throwable;

/** Every refusal as JSON with a sentence. */
final class Problems
{
    public static function register(Exceptions $exceptions): void
    {
        $exceptions->dontReport([Refusal::class, Cancelled::class]);
        $exceptions->render(static fn (Throwable $problem, Request $request): ?JsonResponse => $request->is('api/*')
            ? self::answer($problem) : null);
    }

    private static function answer(Throwable $problem): JsonResponse
    {
        [$status, $message, $errors, $details] = match (true) {
            $problem instanceof Refusal => [$problem->status, $problem->getMessage(), [], $problem->details],
            $problem instanceof ValidationException => [422, $problem->getMessage(), $problem->errors(), []],
            $problem instanceof AuthenticationException => [401, 'Sign in first.', [], []],
            $problem instanceof ModelNotFoundException => [404, Refusal::NOT_HERE, [], []],
            $problem instanceof TokenMismatchException => [419, 'This page was open too long. Load it again; what you typed is kept.',
                [], []],
            $problem instanceof HttpExceptionInterface => [$problem->getStatusCode(), self::sentence($problem), [], []],
            default => [500, 'Something went wrong on our side. Nothing was changed; the log says more.', [], []],
        };
        $body = ['message' => $message, 'errors' => (object) $errors, 'details' => (object) $details];

        return new JsonResponse($body, $status, $problem instanceof HttpExceptionInterface ? $problem->getHeaders() : []);
    }

    private static function sentence(HttpExceptionInterface $problem): string
    {
        return match ($problem->getStatusCode()) {
            404 => Refusal::NOT_HERE,
            419 => 'This page was open too long. Load it again; what you typed is kept.',
            429 => 'Too many tries. Wait a minute and try again.',
            default => $problem->getMessage() !== '' ? $problem->getMessage() : 'That was refused.',
        };
    }
}
