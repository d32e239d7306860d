<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Internal;

/**
 * @internal
 */
enum TokenKind
{
    case Number;
    case Word;
    case Text;
    case Length;
    case Comma;
    case Open;
    case Close;
    case Slash;
    case Stray;
    case End;
}
