<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Coach;

/** A request at the door, whose e-mail address is read as accounts keep it. */
trait ReadsAddress
{
    protected function prepareForValidation(): void
    {
        if (is_string($this->input('email'))) {
            $this->merge(['email' => Coach::address($this->input('email'))]);
        }
    }
}
