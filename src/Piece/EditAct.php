<?php

declare(strict_types=1);

namespace Rinkel\App\Piece;

use Rinkel\App\Platform\Wording\FieldTexts;
use Rinkel\Core\Measure\Unit;

/**
 * One thing that a maker did on the Piece page: typed in fields, or pressed a button that does something.
 *
 * Its id says whether it was taken already, however often it is sent; "" where there is none to tell. Acts of one
 * stroke are typing that went on in one field: one step to undo.
 */
final readonly class EditAct
{
    private const ID = '/^[A-Za-z0-9-]{1,40}$/D';

    /**
     * @param array<string, string> $texts  by field
     * @param string                $deed   what a button does, "" for none
     * @param Unit                  $in     in which the page was written
     * @param string                $stroke "" for typing that is a step of its own
     * @param array<string, string> $was    what fields were on the page before, as far as it said so: of a deed the
     *                                      pattern
     */
    public function __construct(
        public string $id,
        public array $texts,
        public string $deed,
        public Unit $in,
        public string $stroke = '',
        public array $was = [],
    ) {}

    /**
     * Returns what a page sent as JSON; what is no act is dropped.
     *
     * @param array<mixed> $sent
     */
    public static function read(array $sent): self
    {
        $text = static fn (string $name, string $pattern): string => \is_string($sent[$name] ?? null) && 1 === preg_match($pattern, $sent[$name]) ? $sent[$name] : '';

        return new self(
            $text('id', self::ID),
            FieldTexts::texts($sent['f'] ?? []),
            $text('do', '/^[^\p{C}]{1,200}$/Du'),
            Unit::Inch->value === ($sent['in'] ?? null) ? Unit::Inch : Unit::Centimetre,
            $text('stroke', self::ID),
            FieldTexts::texts($sent['was'] ?? []),
        );
    }
}
