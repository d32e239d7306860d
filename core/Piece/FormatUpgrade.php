<?php

declare(strict_types=1);

namespace Rinkel\Core\Piece;

/**
 * The step from one version of the open format to the next. A lift is frozen: it knows that version as it was, and
 * nothing of how the program goes on.
 *
 * @internal
 */
interface FormatUpgrade
{
    /**
     * @param array<mixed> $document of the version it lifts from
     *
     * @return array<mixed> of the next version
     */
    public function lift(array $document): array;
}
