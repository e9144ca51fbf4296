@extends('errors.page', ['status' => 403, 'heading' => 'This is not yours to change'])

@section('said')
    Only an owner of the workshop can do this. Ask one, or go back.
@endsection
