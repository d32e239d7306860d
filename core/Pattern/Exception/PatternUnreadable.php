<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Exception;

use Rinkel\Core\Failure;
use Rinkel\Core\Message;
use Rinkel\Core\Pattern\PatternFault;

/**
 * A pattern with at least one fault; carries all that were found, in the order of the text.
 *
 * @internal
 */
final class PatternUnreadable extends \InvalidArgumentException implements Failure
{
    /**
     * @param non-empty-list<PatternFault> $faults
     */
    private function __construct(public readonly array $faults)
    {
        parent::__construct(implode("\n", array_map(
            static fn (PatternFault $fault): string => $fault->place->line.':'.$fault->place->column.' '.$fault->said(),
            $faults,
        )));
    }

    /**
     * @param non-empty-list<PatternFault> $faults
     */
    public static function because(array $faults): self
    {
        return new self($faults);
    }

    public function said(): Message
    {
        return $this->faults[0]->said();
    }
}
