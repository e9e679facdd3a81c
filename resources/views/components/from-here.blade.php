<input type="hidden" name="{{ \App\Http\Requests\Asked::FROM }}" value="{{ request()->getRequestUri() }}">
