<?php

declare(strict_types=1);

namespace App\Http;

use App\Http\Tree\TreesController;
use App\Models\User;
use Illuminate\Http\Request;

/** Whether a request asks for living people in full, and who asks. */
final class LivingInFull
{
    public static function askedBy(Request $request): ?User
    {
        return $request->string('living')->toString() === 'keep' ? TreesController::user($request) : null;
    }
}
