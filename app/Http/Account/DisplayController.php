<?php

declare(strict_types=1);

namespace App\Http\Account;

use App\Http\Account\Inputs\DisplayPreferencesInput;
use App\Http\Api\Put;
use App\Http\Tree\TreesController;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** How names and dates are shown to somebody, in every tree. */
final class DisplayController
{
    #[Put('/account/reading', 'readAs', body: DisplayPreferencesInput::class)]
    public function update(Request $request): Response
    {
        TreesController::user($request)->forceFill(['reading' => get_object_vars(DisplayPreferencesInput::from($request))])->save();

        return response()->noContent();
    }
}
