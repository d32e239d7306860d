<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Internal\Part;

use Rinkel\Core\Message;
use Rinkel\Core\Pattern\Internal\Token;
use Rinkel\Core\Pattern\Internal\TokenKind;
use Rinkel\Core\Pattern\Internal\TokenReader;
use Rinkel\Core\Pattern\Node;
use Rinkel\Core\Pattern\Node\Gap;

/**
 * "gap 25 mm", "gap fit", "gap 27 mm centres", "gap 1 gauge".
 *
 * @internal
 */
final readonly class GapReader extends KeywordPart
{
    public function word(): string
    {
        return 'gap';
    }

    public function read(TokenReader $text, int $count, Token $start): ?Node
    {
        $text->next();
        if ($text->skip('fit')) {
            return new Gap(null, $text->since($start));
        }
        $said = TokenKind::Length === $text->now()->kind ? trim($text->now()->text) : '';
        $centres = 1 === preg_match('/^(.*\S)\s+centres?$/u', $said, $match);
        $size = $centres ? $match[1] : $said;
        if (1 === preg_match('/^(\d{1,2}(?:[.,]\d{1,2})?)\s*gauges?$/', $size, $match)) {
            $gauges = (float) str_replace(',', '.', $match[1]);
            if ($gauges <= 0.0 || $gauges > Gap::MOST_GAUGES) {
                return $text->fault(new Message('expected-gauges', ['most' => (int) Gap::MOST_GAUGES]));
            }
            $text->next();

            return new Gap(null, $text->since($start), $centres, $gauges);
        }
        $length = $text->lengthOf($size, '"fit"');

        return null === $length ? null : new Gap($length, $text->since($start), $centres);
    }
}
