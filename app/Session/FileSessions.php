<?php

declare(strict_types=1);

namespace App\Session;

use Illuminate\Session\FileSessionHandler;

/**
 * Sessions in files that are exchanged whole: where the disk is full the session of before stays, and whoever reads
 * stays signed in.
 */
final class FileSessions extends FileSessionHandler
{
    /**
     * @param string $sessionId
     * @param string $data
     */
    public function write($sessionId, $data): bool
    {
        try {
            $this->files->replace("$this->path/$sessionId", $data, 0600);
        } catch (\ErrorException) {
            // Nothing of it can be kept now. The request itself is answered.
            return false;
        }

        return true;
    }
}
