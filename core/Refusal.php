<?php

declare(strict_types=1);

namespace Rinkel\Core;

/**
 * A failure to take what was given, with the one sentence that says so.
 *
 * @internal
 */
abstract class Refusal extends \InvalidArgumentException implements Failure
{
    final protected function __construct(private readonly Message $said)
    {
        parent::__construct((string) $said);
    }

    public function said(): Message
    {
        return $this->said;
    }
}
