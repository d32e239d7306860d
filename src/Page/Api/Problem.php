<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Api;

/**
 * Why something that another program asked for was not done (RFC 9457, "Problem Details for HTTP APIs").
 */
final class Problem extends \RuntimeException
{
    /**
     * @param list<array{path: string, says: string, code: string}> $faults each where it stands in what was sent
     */
    public function __construct(public readonly int $status, string $detail, public readonly array $faults = [])
    {
        parent::__construct($detail);
    }
}
