<?php

declare(strict_types=1);

namespace Rinkel\Core\Remark;

/**
 * How much a check matters; the cases stand worst first.
 */
enum Severity: string
{
    /** The piece will not work: "cannot open over the hand". */
    case Stop = 'stop';

    /** It may fail: "a slider of two square knots". */
    case Warn = 'warn';

    /** Worth knowing: "the hand is estimated". */
    case Hint = 'hint';

    /** A safety word, always shown: "open flame". */
    case Caution = 'caution';
}
