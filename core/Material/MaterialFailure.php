<?php

declare(strict_types=1);

namespace Rinkel\Core\Material;

use Rinkel\Core\Failure;

/**
 * Marks every failure to describe a material.
 *
 * @internal
 */
interface MaterialFailure extends Failure {}
