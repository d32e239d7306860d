<?php

declare(strict_types=1);

namespace Rinkel\App\Platform\Http;

/**
 * Of what works something out first, and then keeps it in a transaction of its own, knowing by itself what was sent
 * before.
 */
#[\Attribute(\Attribute::TARGET_METHOD)]
final class KeepsByItself {}
