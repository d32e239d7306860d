<?php

declare(strict_types=1);

namespace Rinkel\App\Platform\Http;

/**
 * Of a page that takes what is sent to it, and keeps nothing in the database.
 */
#[\Attribute(\Attribute::TARGET_METHOD)]
final class ChangesNothing {}
