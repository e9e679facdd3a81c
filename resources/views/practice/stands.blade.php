<input type="hidden" name="position" value="{{ $page->position() }}"><input type="hidden" name="eye" value="{{ $page->eye->value }}">
@if ($page->taping !== null)<input type="hidden" name="taping" value="{{ $page->taping->value }}">@endif
